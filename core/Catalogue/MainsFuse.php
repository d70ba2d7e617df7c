<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A fuse in the live conductor of the mains. */
#[Heading('Mains fuses')]
final readonly class MainsFuse implements Padded
{
    use OfItsPrice;

    /**
     * @param float $breakingAmps short-circuit current that it can interrupt
     * @param bool $timeLag it bears short inrush
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Ampere, above: true)]
        public float $ratedAmps,
        #[Measured(Unit::Volt)]
        public float $ratedVolts,
        #[Measured(Unit::Ampere, above: true)]
        public float $breakingAmps,
        public bool $timeLag,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?PadMap $pads = null,
    ) {
        if ($ratedAmps <= 0 || $breakingAmps < $ratedAmps) {
            throw new \InvalidArgumentException('A fuse is rated for some current, and interrupts at least that.');
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
