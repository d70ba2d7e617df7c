<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** The way from the USB socket of a carrier to its 5 V pin. */
final readonly class UsbPath
{
    /**
     * @param Spread $dropVolts that the way keeps
     * @param float $ratedAmps that its diode, fuse and tracks bear for good
     */
    public function __construct(
        public UsbIsolation $isolation,
        #[Measured(Unit::Volt)]
        public Spread $dropVolts,
        #[Measured(Unit::Ampere, above: true)]
        public float $ratedAmps,
    ) {}
}
