<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\PreferredValues;

/** Sizes base resistors. */
final class BaseResistor
{
    public const SATURATED_VOLTS = 0.5;
    private const LEAST_OHMS = 100.0;
    private const GREATEST_OHMS = 22.0e3;

    /**
     * The greatest E12 value at which the coil pulls in and the transistor saturates at the worst corner, the forced gain
     * keeps to the house rule and the pin is not overloaded; null when no value does all that, or the driver has no such resistor.
     */
    public static function fitting(Board $board, Actuator $actuator): ?float
    {
        $name = $actuator->driver->sizedResistor();
        if (null === $name) {
            return null;
        }
        $at = static fn(float $ohms): DriverResult => Circuits::result(
            $board,
            $actuator->with(driver: $actuator->driver->withValue($name, $ohms)),
        );
        $values = PreferredValues::e12Between(self::LEAST_OHMS, self::GREATEST_OHMS);
        // A smaller resistor always drives harder, so the greatest one that suffices is found by halving.
        $low = 0;
        $high = count($values);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if (self::suffices($at($values[$middle]), $board->houseRules->forcedGain)) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return isset($values[$low]) && MarginState::Sound === $at($values[$low])->pin->state() ? $values[$low] : null;
    }

    private static function suffices(DriverResult $result, float $forcedGain): bool
    {
        return MarginState::Sound === $result->pullIn->state()
            && ($result->collectorVolts->value ?? 0.0) <= self::SATURATED_VOLTS
            && ($result->forcedGain->value ?? 0.0) <= $forcedGain;
    }
}
