<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;

/** One part that warms itself. */
final readonly class HeatSpot
{
    /**
     * @param string $subject id of the rail, relay or “board” that it belongs to
     * @param Figure $watts heat for good at its greatest
     * @param ?Figure $celsius temperature that it then has; null where its way to the air is not known
     * @param ?float $limitCelsius that it bears; null where that is not known
     * @param ?Margin $margin permitted over actual rise above the air
     */
    public function __construct(
        public string $name,
        public string $subject,
        public Figure $watts,
        public ?Figure $celsius,
        public ?float $limitCelsius,
        public ?Margin $margin,
    ) {}
}
