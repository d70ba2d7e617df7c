<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A mains supply and the names and colours of its conductors. */
final readonly class MainsSystem implements Part
{
    /**
     * @param string $outletScrews which screw of an outlet takes which conductor; empty where outlets are marked by letters alone
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt)]
        public float $volts,
        #[Measured(Unit::Hertz)]
        public float $hertz,
        public string $liveConductor,
        public string $neutralConductor,
        public string $earthConductor,
        public CordTable $cordTable = CordTable::Iec60335,
        public string $outletScrews = '',
    ) {}

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
