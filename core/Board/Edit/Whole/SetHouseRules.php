<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Whole;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\HouseRules;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Changes the thresholds that this board is judged by. */
final readonly class SetHouseRules implements Edit
{
    public function __construct(
        #[Measured(Unit::Ratio)]
        public float $forcedGain,
        #[Measured(Unit::Ratio)]
        public float $supplyLoad,
        #[Measured(Unit::Metre)]
        public float $longCableMetres = 1.0,
        public DriverSchool $drivers = DriverSchool::Either,
        public ?Level $activeLevel = null,
        #[Measured(Unit::Euro)]
        public float $energyPrice = HouseRules::USUAL_ENERGY_PRICE,
        #[Measured(Unit::Metre)]
        public float $barrierMetres = HouseRules::USUAL_BARRIER_METRES,
        #[Measured(Unit::Ratio)]
        public float $contactShare = HouseRules::USUAL_CONTACT_SHARE,
    ) {}

    public static function of(HouseRules $rules): self
    {
        return new self(
            $rules->forcedGain,
            $rules->supplyLoad,
            $rules->longCableMetres,
            $rules->drivers,
            $rules->activeLevel,
            $rules->energyPrice,
            $rules->barrierMetres,
            $rules->contactShare,
        );
    }

    public function apply(Board $board): Board
    {
        return $board->with(houseRules: new HouseRules(
            $this->forcedGain,
            $this->supplyLoad,
            $this->longCableMetres,
            $this->drivers,
            $this->activeLevel,
            $this->energyPrice,
            $this->barrierMetres,
            $this->contactShare,
        ));
    }

    public function summary(Board $board): string
    {
        $school = trim(sprintf(
            '%s%s',
            DriverSchool::Either === $this->drivers ? '' : ', prefer ' . $this->drivers->value,
            null === $this->activeLevel ? '' : ', prefer active ' . $this->activeLevel->value,
        ));

        return sprintf(
            'Judge by forced gain %s, supply load %s and long cables from %s%s',
            QuantityPrinter::rounded($this->forcedGain, Unit::Ratio),
            QuantityPrinter::rounded($this->supplyLoad, Unit::Ratio),
            QuantityPrinter::rounded($this->longCableMetres, Unit::Metre),
            $school,
        );
    }
}
