<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\Strap;
use IronLatch\Core\Quantity\Margin;

/** A pin that reset reads, solved with whatever hangs on it, all contacts open. */
final readonly class StrappedNode
{
    /**
     * @param ?Margin $margin how far the node is on the right side of its threshold; null when it cannot be solved
     * @param float $volts at typical values
     */
    public function __construct(
        public Pin $pin,
        public Strap $strap,
        public ?Margin $margin,
        public float $volts,
    ) {}
}
