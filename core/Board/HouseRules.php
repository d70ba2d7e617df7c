<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Thresholds that a maker may prefer otherwise; each default is the common practice of the trade. */
final readonly class HouseRules
{
    public const USUAL_ENERGY_PRICE = 0.30;
    public const USUAL_BARRIER_METRES = 6e-3;
    public const USUAL_CONTACT_SHARE = 0.8;

    /**
     * @param float $forcedGain collector over base current that counts as driven well, judged at typical levels
     * @param float $supplyLoad share of a supply’s rating for continuous load
     * @param float $longCableMetres from this length on the cable to a switch wants a resistor of its own
     * @param DriverSchool $drivers what is proposed first among circuits that are equally sound
     * @param ?Level $activeLevel the active level that is proposed first; null when either will do
     * @param float $energyPrice of a kilowatt-hour, in euros
     * @param float $barrierMetres distance between mains and low voltage that is kept by habit, whatever the standard asks for less
     * @param float $contactShare share of a contact’s rating that is used for good
     */
    public function __construct(
        #[Measured(Unit::Ratio)]
        public float $forcedGain = 20.0,
        #[Measured(Unit::Ratio)]
        public float $supplyLoad = 0.8,
        #[Measured(Unit::Metre)]
        public float $longCableMetres = 1.0,
        public DriverSchool $drivers = DriverSchool::Either,
        public ?Level $activeLevel = null,
        #[Measured(Unit::Euro)]
        public float $energyPrice = self::USUAL_ENERGY_PRICE,
        #[Measured(Unit::Metre)]
        public float $barrierMetres = self::USUAL_BARRIER_METRES,
        #[Measured(Unit::Ratio)]
        public float $contactShare = self::USUAL_CONTACT_SHARE,
    ) {
        if ($contactShare < 0.3 || $contactShare > 1) {
            throw new \InvalidArgumentException(
                'The share of a contact’s rating that is used for good lies between 0.3 and 1. Usual is 0.8.',
            );
        }
        if ($barrierMetres < 0.003 || $barrierMetres > 0.03) {
            throw new \InvalidArgumentException('The distance kept by habit lies between 3 mm and 30 mm. Usual are 6 mm and 8 mm.');
        }
        if ($energyPrice < 0 || $energyPrice > 10) {
            throw new \InvalidArgumentException('The price of a kilowatt-hour lies between 0 € and 10 €.');
        }
        if ($forcedGain < 1 || $forcedGain > 100) {
            throw new \InvalidArgumentException('The forced gain of the house rules lies between 1 and 100. Usual are 10 and 20.');
        }
        if ($supplyLoad < 0.1 || $supplyLoad > 1) {
            throw new \InvalidArgumentException(
                'The continuous load of the house rules lies between 0.1 and 1 of the rating. Usual is 0.8.',
            );
        }
        if ($longCableMetres < 0.1 || $longCableMetres > 20) {
            throw new \InvalidArgumentException('A long switch cable of the house rules begins between 0.1 and 20 m. Usual is 1 m.');
        }
    }

    /** Whether a driver is of the schools that are preferred. */
    public function prefers(Driver $driver): bool
    {
        return (null === $this->activeLevel || $driver->inherentActiveLevel() === $this->activeLevel)
            && match ($this->drivers) {
                DriverSchool::Either => true,
                DriverSchool::Modules => $driver->isReadyMade(),
                DriverSchool::SingleParts => !$driver->isReadyMade(),
            };
    }
}
