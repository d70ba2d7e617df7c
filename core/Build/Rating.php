<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What a part must bear, beside what the one that is bought bears. */
final readonly class Rating
{
    /**
     * @param float $needed at the most that can come
     * @param ?float $chosen of the usual or the stated part; null while nobody has said
     * @param string $how it was reckoned
     */
    public function __construct(public float $needed, public ?float $chosen, public Unit $unit, public string $how) {}

    /** The same, met by a part that was chosen for it. */
    public function of(float $chosen): self
    {
        return new self($this->needed, $chosen, $this->unit, $this->how);
    }

    /** Of two, the one that asks for more. */
    public static function harder(?self $one, ?self $other): ?self
    {
        return null === $one || (null !== $other && $other->needed > $one->needed) ? $other : $one;
    }

    public function isEnough(): bool
    {
        return null === $this->chosen || $this->chosen >= $this->needed - 1e-12;
    }

    public function neededWords(): string
    {
        return QuantityPrinter::rounded($this->needed, $this->unit);
    }

    public function chosenWords(): string
    {
        return null === $this->chosen ? 'not stated' : QuantityPrinter::rounded($this->chosen, $this->unit);
    }
}
