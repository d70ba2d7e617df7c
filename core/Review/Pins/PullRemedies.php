<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Pins\Film;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;

/** Resistors that hold a relay still at start-up, each tried by playing the film again with it. */
final class PullRemedies
{
    private const GREATEST_OHMS = 47e3;
    private const LEAST_OHMS = 1e3;
    private const HOLD_OHMS = 10e3;

    /**
     * @return list<Remedy> a pull-down at the gate, and the weakest pull on the wire that holds
     */
    public static function thatHold(Inspection $inspection, string $function): array
    {
        $id = $inspection->board->actuatorOf($function);
        $pin = $inspection->seating->pins[$function] ?? null;
        if (null === $id || null === $pin) {
            return [];
        }
        $actuator = $inspection->board->actuator($id);
        $isStill = static fn(Film $film): bool => null === (null === $pin->expander ? $film->worstTwitch() : $film->worstBeforeProgram());
        $remedies = [];
        $hold = $actuator->driver->holdResistor();
        if (null !== $hold) {
            $with = $actuator->with(driver: $actuator->driver->withValue($hold, self::HOLD_OHMS));
            if ($isStill((new StartUp($inspection->board))->film($function, $pin, $with))) {
                $remedies[] = new Remedy(sprintf(
                    'Fit %s as %s',
                    QuantityPrinter::rounded(self::HOLD_OHMS, Unit::Ohm),
                    $actuator->driver->resistors()[$hold]->name,
                ), new SetDriverValue([$id], $hold, self::HOLD_OHMS));
            }
        }
        if (null !== $pin->chip->strap) {
            return $remedies;
        }
        $direction = Level::High === $actuator->driver->inherentActiveLevel() ? PullDirection::Down : PullDirection::Up;
        // The stronger a pull, the better it holds: what the strongest does not hold, none does.
        if (!$isStill($inspection->startUp->withPull($function, $pin, new Pull($direction, self::LEAST_OHMS)))) {
            return $remedies;
        }
        foreach (PreferredValues::e12Between(self::LEAST_OHMS, self::GREATEST_OHMS) as $ohms) {
            if ($isStill($inspection->startUp->withPull($function, $pin, new Pull($direction, $ohms)))) {
                $remedies[] = new Remedy(
                    sprintf('Fit a pull-%s of %s', $direction->value, QuantityPrinter::rounded($ohms, Unit::Ohm)),
                    new FitPull($function, $direction, $ohms),
                );
                break;
            }
        }

        return $remedies;
    }
}
