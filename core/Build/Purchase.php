<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

/** How many of a row of the parts list are to be bought for all copies. */
final readonly class Purchase
{
    /**
     * @param float $needed for all copies
     * @param float $there in the drawer, no more than are needed
     * @param float $spare bought besides, because small parts get lost and jump off the tweezers
     */
    public function __construct(public PartsRow $row, public float $needed, public float $there, public float $spare) {}

    public function toBuy(): float
    {
        return max(0.0, $this->needed + $this->spare - $this->there);
    }

    /** Null where nobody has said what one costs. */
    public function euros(): ?float
    {
        return null === $this->row->price ? null : $this->row->price->euros * $this->toBuy();
    }
}
