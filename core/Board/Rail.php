<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** A low-voltage rail and the supply that feeds it. */
final readonly class Rail
{
    /**
     * @param string $supply part id
     */
    public function __construct(public string $name, public string $supply) {}
}
