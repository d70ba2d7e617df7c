<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\OneOf;

/** Anything that is bought or wired in, with facts that a board takes along. The catalogue lists the kinds in this order. */
#[OneOf('part', [
    'carrier' => Carrier::class,
    'chip' => Chip::class,
    'expander' => Expander::class,
    'relay' => Relay::class,
    'transistor' => Transistor::class,
    'mosfet' => Mosfet::class,
    'p-mosfet' => PMosfet::class,
    'darlington-array' => DarlingtonArray::class,
    'bridge-driver' => BridgeDriver::class,
    'opto-coupler' => OptoCoupler::class,
    'opto-module' => OptoModule::class,
    'supply' => Supply::class,
    'converter' => Converter::class,
    'protection' => Protection::class,
    'device' => Device::class,
    'appliance' => Appliance::class,
    'mains-fuse' => MainsFuse::class,
    'enclosure' => Enclosure::class,
    'assembler' => Assembler::class,
    'surface-profile' => SurfaceProfile::class,
    'mains-system' => MainsSystem::class,
])]
interface Part
{
    public function identity(): PartIdentity;
}
