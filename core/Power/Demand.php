<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** A current at typical values and at its greatest, in amperes. */
final readonly class Demand
{
    public function __construct(public float $typical, public float $greatest) {}

    public static function none(): self
    {
        return new self(0.0, 0.0);
    }

    public function plus(self $other): self
    {
        return new self($this->typical + $other->typical, $this->greatest + $other->greatest);
    }

    /** Both at once multiplied by a factor ≥ 0. */
    public function scaled(float $factor): self
    {
        return new self($this->typical * $factor, $this->greatest * $factor);
    }
}
