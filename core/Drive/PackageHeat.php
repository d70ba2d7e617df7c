<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What the relays on one array package heat it by when all are on: T_j = T_air + θ · Σ V_switch · I_coil. */
final readonly class PackageHeat
{
    /**
     * @param non-empty-list<string> $actuators ids of the relays on it
     * @param Margin $margin permitted over actual rise of the junction
     */
    private function __construct(public string $package, public DarlingtonArray $array, public array $actuators, public Margin $margin) {}

    /**
     * @return list<self> by package
     */
    public static function of(Board $board, DriverAnalysis $drive): array
    {
        $packages = [];
        foreach ($board->actuators() as $id => $actuator) {
            if (null !== $actuator->driver->package()) {
                $packages[$actuator->driver->switchPart() . ' ' . $actuator->driver->package()][] = $id;
            }
        }
        $heats = [];
        foreach ($packages as $actuators) {
            $heats[] = self::one($board, $drive, $board->actuator($actuators[0])->driver, $actuators);
        }

        return $heats;
    }

    /**
     * @param non-empty-list<string> $actuators
     */
    private static function one(Board $board, DriverAnalysis $drive, Driver $driver, array $actuators): self
    {
        $array = $board->part((string) $driver->switchPart(), DarlingtonArray::class);
        $ambient = $board->ambientCelsius();
        $typical = $greatest = 0.0;
        foreach ($actuators as $id) {
            $typical += $drive->results[$id]->typicalSwitchWatts;
            $greatest += $drive->results[$id]->switchWatts->value ?? 0.0;
        }
        $figure = static fn(float $watts, string $corner): Figure => (new Figure(
            'permitted over actual rise',
            ($array->greatestCelsius - $ambient) / max($array->junctionKelvinPerWatt * $watts, 1e-6),
            Unit::Ratio,
            '(T_max − T_air) ÷ (θ · P)',
            [
                sprintf('P = %s, %d channels on', QuantityPrinter::rounded($watts, Unit::Watt), count($actuators)),
                sprintf('θ = %s', QuantityPrinter::rounded($array->junctionKelvinPerWatt, Unit::KelvinPerWatt)),
                sprintf('T_air = %s', QuantityPrinter::rounded($ambient, Unit::Celsius)),
                sprintf('T_max = %s', QuantityPrinter::rounded($array->greatestCelsius, Unit::Celsius)),
            ],
            $corner,
            $array->identity->name . ', ' . $array->identity->basis->words(),
        ))->outOf($array->greatestCelsius, $ambient + $array->junctionKelvinPerWatt * $watts, Unit::Celsius);

        return new self(
            (string) $driver->package(),
            $array,
            $actuators,
            new Margin(
                $figure($typical, 'all channels on, typical values'),
                $figure($greatest, 'all channels on, greatest drop and current'),
            ),
        );
    }
}
