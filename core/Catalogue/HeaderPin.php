<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** One place on a carrier’s header: what is printed there and which chip pin it leads to. */
final readonly class HeaderPin
{
    /**
     * @param int $position counted from the top of its side, from 1
     * @param ?string $chipPin null for power, ground and reset
     * @param ?Pull $pull a resistor that the carrier itself fits
     * @param string $note what else the carrier hangs on the pin
     * @param ?Level $lamp the level that lights the carrier’s own LED at this pin; null where it has none
     * @param bool $button the carrier has a button from this pin to ground
     */
    public function __construct(
        public HeaderSide $side,
        public int $position,
        public string $label,
        public ?string $chipPin = null,
        public ?Pull $pull = null,
        public string $note = '',
        public bool $button = false,
        public ?Level $lamp = null,
    ) {}
}
