<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A fuse or a diode in the plus of a rail, or a clamp across it. */
#[Heading('Fuses, diodes and clamps')]
final readonly class Protection implements Padded
{
    use OfItsPrice;

    /**
     * @param float $ratedAmps for good; of a surge clamp 0
     * @param Spread $ohms in series
     * @param Spread $dropVolts in series, besides what falls at its ohms
     * @param ?float $standOffVolts up to which a surge clamp does not conduct
     * @param ?float $clampVolts to which it holds a surge
     */
    public function __construct(
        public PartIdentity $identity,
        public ProtectionKind $kind,
        #[Measured(Unit::Ampere)]
        public float $ratedAmps,
        #[Measured(Unit::Ohm)]
        public Spread $ohms,
        #[Measured(Unit::Volt)]
        public Spread $dropVolts,
        #[Measured(Unit::Volt)]
        public ?float $standOffVolts = null,
        #[Measured(Unit::Volt)]
        public ?float $clampVolts = null,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {
        if ((ProtectionKind::SurgeClamp === $kind) !== (null !== $standOffVolts)) {
            throw new \InvalidArgumentException('A surge clamp states the voltage up to which it does not conduct; nothing else does.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}
