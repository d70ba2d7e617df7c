<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A mains supply and the names and colours of its conductors. */
#[Heading('Mains systems')]
final readonly class MainsSystem implements Part
{
    /** It may lie so much above its nominal voltage (IEC 60038: 230 V ± 10 %, from memory). */
    public const HIGHEST_SHARE = 1.1;

    /**
     * @param float $hertz 0 for direct current
     * @param string $outletScrews which screw of an outlet takes which conductor; empty where outlets are marked by letters alone
     * @param bool $outletsReverse its outlets, or some of them, take a plug both ways
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt, above: true)]
        public float $volts,
        #[Measured(Unit::Hertz)]
        public float $hertz,
        public string $liveConductor,
        public string $neutralConductor,
        public string $earthConductor,
        public CordTable $cordTable = CordTable::Iec60335,
        public string $outletScrews = '',
        public bool $outletsReverse = true,
    ) {}

    /** A bus of direct current, as in a van or a boat. */
    public function isDirect(): bool
    {
        return 0.0 === $this->hertz;
    }

    /**
     * Low enough to be touched (IEC 61140: 60 V of direct, 25 V of alternating current, in the dry; from memory). It can burn all the
     * same.
     */
    public function isHarmlessToTouch(): bool
    {
        return $this->volts <= ($this->isDirect() ? 60.0 : 25.0);
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
