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
     * @param float $price indicative, in euros
     * @param bool $isBareModule it is soldered down by its pads and brings no pulls, regulator or USB of its own
     */
    public function __construct(
        public PartIdentity $identity,
        public string $chip,
        #[Measured(Unit::Volt)]
        public Spread $input,
        public string $topEdge,
        #[ListOf(HeaderPin::class)]
        public array $header,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public bool $isBareModule = false,
    ) {
        $labels = array_map(static fn(HeaderPin $pin): string => $pin->side->value . $pin->position, $header);
        if (count($labels) !== count(array_unique($labels))) {
            throw new \InvalidArgumentException('Two header pins of the carrier stand on the same place.');
        }
        $chips = array_filter(array_map(static fn(HeaderPin $pin): ?string => $pin->chipPin, $header), is_string(...));
        if (count($chips) !== count(array_unique($chips))) {
            throw new \InvalidArgumentException('The carrier leads out one pin of its chip twice.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
