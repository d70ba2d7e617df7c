<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** What is known of a physical value: its least, typical and greatest figure, in SI. */
final readonly class Spread
{
    /**
     * @throws \InvalidArgumentException when the three are not in order
     */
    public function __construct(
        public float $min,
        public float $typ,
        public float $max,
    ) {
        if (!is_finite($min) || !is_finite($max) || $min > $typ || $typ > $max) {
            throw new \InvalidArgumentException(sprintf('A spread runs min ≤ typ ≤ max; %s, %s, %s does not.', $min, $typ, $max));
        }
    }

    public static function exactly(float $value): self
    {
        return new self($value, $value, $value);
    }

    /** A typical value with a symmetric tolerance; 0.05 is ±5 %. */
    public static function tolerance(float $typ, float $relative): self
    {
        return new self($typ - abs($typ) * $relative, $typ, $typ + abs($typ) * $relative);
    }

    public function plus(self $other): self
    {
        return new self($this->min + $other->min, $this->typ + $other->typ, $this->max + $other->max);
    }

    /** Each corner multiplied by a factor ≥ 0. */
    public function scaled(float $factor): self
    {
        return new self($this->min * $factor, $this->typ * $factor, $this->max * $factor);
    }
}
