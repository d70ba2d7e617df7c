<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Catalogue\Size;
use IronLatch\Core\Quantity\MarginState;

/** What a rail would be like behind another source or converter. */
final readonly class SupplyOffer
{
    /**
     * @param Edit $edit that feeds the rail from it
     * @param float $ratedAmps for good in the air it would work in
     * @param float $share continuous load over its rating
     * @param float $peakShare peak load over its rating
     * @param ?float $dipMargin of whoever on the rail fares worst, at the worst corner
     * @param float $watts heat that it makes itself
     * @param ?int $relays how many of the board’s usual relays it carries in all; null when no relay suits the rail
     * @param list<string> $reasons what speaks against it
     */
    public function __construct(
        public string $name,
        public Edit $edit,
        public float $ratedAmps,
        public float $share,
        public float $peakShare,
        public ?float $dipMargin,
        public float $watts,
        public float $price,
        public ?Size $size,
        public ?int $relays,
        public MarginState $state,
        public array $reasons,
        public bool $isPresent,
    ) {}
}
