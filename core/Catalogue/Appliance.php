<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** What a line switches. */
#[Heading('Appliances')]
final readonly class Appliance implements Part
{
    /**
     * @param ?float $dcVolts the appliance’s own DC supply; null when it runs from the mains
     * @param bool $mustNotSelfStart it may never start by itself after a power cut or a restart of the controller
     * @param bool $earthed it has a metal case or another part that wants protective earth (class I)
     * @param bool $heats it makes heat for its own sake, and can set fire to something
     * @param bool $compressor it must rest before it starts again
     * @param bool $mustComeBack somebody or something suffers when it stays off after a power cut
     * @param bool $warmsAir it warms the air of a room, and may be covered or fall over
     * @param bool $wet it stands in water or beside it
     * @param bool $twoDirections a motor that runs one way or the other, as of a blind, a gate or a motor valve
     * @param ?ShownKind $shownAs what it is to whoever shows or speaks of it; null for what follows from its load
     * @param bool $ownVoltage it puts a small voltage of its own on the contact, as the demand input of a boiler or a gate does; no rail
     *     of the board feeds it
     */
    public function __construct(
        public PartIdentity $identity,
        public LoadKind $load,
        #[Measured(Unit::Watt, above: true)]
        public float $typicalWatts,
        #[Measured(Unit::Ratio, most: 1.0, above: true)]
        public float $powerFactor,
        #[Measured(Unit::Volt, above: true)]
        public ?float $dcVolts = null,
        public bool $mustNotSelfStart = false,
        public bool $earthed = false,
        public bool $heats = false,
        public bool $compressor = false,
        public bool $mustComeBack = false,
        public bool $warmsAir = false,
        public bool $wet = false,
        public bool $ownVoltage = false,
        public bool $twoDirections = false,
        public ?ShownKind $shownAs = null,
    ) {}

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
