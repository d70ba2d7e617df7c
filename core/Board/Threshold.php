<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** The percentage from which a step runs. */
final readonly class Threshold
{
    public function __construct(public int $percent)
    {
        if ($percent < 0 || $percent > 200) {
            throw new \InvalidArgumentException('A step begins between 0 and 100 %. What lies above is never reached.');
        }
    }
}
