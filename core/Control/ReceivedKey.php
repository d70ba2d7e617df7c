<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\InfraredCode;

/** A key that was seen in a receiver’s log. */
final readonly class ReceivedKey
{
    /**
     * @param int $line of the log, from 1
     * @param int $times that it was pressed
     */
    public function __construct(public InfraredCode $code, public int $line, public int $times) {}

    public function again(): self
    {
        return new self($this->code, $this->line, $this->times + 1);
    }
}
