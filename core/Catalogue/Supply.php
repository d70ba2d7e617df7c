<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A source of low voltage. */
final readonly class Supply implements Part
{
    public function __construct(
        public PartIdentity $identity,
        public SupplyForm $form,
        #[Measured(Unit::Volt)]
        public Spread $output,
        #[Measured(Unit::Ampere)]
        public float $ratedAmps,
    ) {}

    public function identity(): PartIdentity
    {
        return $this->identity;
    }
}
