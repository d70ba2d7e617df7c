<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** A board that carries a chip to header pins with printed labels. */
final readonly class Carrier implements Part
{
    /**
     * @param string $chip the chip’s part id
     * @param Spread $input volts at the carrier’s supply pin
     * @param string $topEdge what stands at the top of the drawing: 'antenna', 'USB socket'
     * @param list<HeaderPin> $header
     */
    public function __construct(
        public PartIdentity $identity,
        public string $chip,
        #[Measured(Unit::Volt)]
        public Spread $input,
        public string $topEdge,
        #[ListOf(HeaderPin::class)]
        public array $header,
    ) {}

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
