<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** Numbers that follow from a seed alone, the same on every machine (a linear congruence of 31 bits). */
final class Chances
{
    public function __construct(private int $state) {}

    /** From 0 to less than 1. */
    public function next(): float
    {
        $this->state = ($this->state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return $this->state / 0x80000000;
    }

    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->next();
    }

    /** A whole number below another. */
    public function below(int $count): int
    {
        return (int) floor($this->next() * $count);
    }
}
