<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Drive\Circuit\Candidate;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\Offer;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Sizes every driver circuit that the parts on offer allow for one relay, with values of the E12 series (IEC 60063). */
final class DriverChoice
{
    /** A greater margin is no better. */
    private const AMPLE = 1.3;
    private const MOST_STEPS = 12;

    /**
     * @param list<Part> $parts on offer
     * @param \Closure(Board, Actuator): bool $moves whether the relay would move before the program runs
     * @return list<DriverWay> sound ones first, then those of the preferred school, then by margin up to what is ample, then by price
     */
    public static function ways(Board $board, Actuator $actuator, array $parts, \Closure $moves): array
    {
        $ways = [];
        $offer = new Offer($board, $actuator, $parts);
        foreach (Circuits::candidates($offer) as $candidate) {
            $with = $board->withPart(...$candidate->parts);
            $driver = self::sized($with, $actuator, $candidate);
            $sized = $driver->sizedResistor();
            // As the edit would make it: a circuit brings its own active level.
            $driven = $actuator->with(driver: $driver, activeLevel: Actuator::levelOf($driver));
            $ways[] = new DriverWay(
                $candidate->id,
                $candidate->title . (null === $sized ? '' : sprintf(
                    ' with %s',
                    QuantityPrinter::rounded($driver->ohms($sized) ?? 0.0, Unit::Ohm),
                )),
                $driver,
                $candidate->parts,
                Circuits::result($with, $driven),
                $moves($with, $driven),
                $candidate->count,
                $candidate->squareMetres,
                $candidate->price(null === $offer->relay->solidState),
                $candidate->trade,
            );
        }
        $rank = static fn(DriverWay $way): array => [
            !$way->isSound(),
            !$board->houseRules->prefers($way->driver),
            -min(self::AMPLE, round($way->margin(), 2)),
            $way->price,
        ];
        usort($ways, static fn(DriverWay $a, DriverWay $b): int => $rank($a) <=> $rank($b));

        return $ways;
    }

    private static function sized(Board $board, Actuator $actuator, Candidate $candidate): Driver
    {
        $driver = $candidate->driver;
        $name = $driver->sizedResistor();
        if (null === $name) {
            return self::lowered($board, $actuator, $driver, $candidate->lowered);
        }
        $ohms = BaseResistor::fitting($board, $actuator->with(driver: $driver));

        return null === $ohms ? $driver : $driver->withValue($name, $ohms);
    }

    /**
     * Takes the next smaller values until the relay pulls in and the transistor saturates at the worst corner, as long as the
     * pin bears it.
     *
     * @param list<string> $resistors lowered in turn
     */
    private static function lowered(Board $board, Actuator $actuator, Driver $driver, array $resistors): Driver
    {
        for ($step = 0; $step < self::MOST_STEPS && [] !== $resistors; ++$step) {
            $result = Circuits::result($board, $actuator->with(driver: $driver));
            if (
                MarginState::Sound === $result->pullIn->state()
                && ($result->collectorVolts->value ?? 0.0) <= BaseResistor::SATURATED_VOLTS
            ) {
                return $driver;
            }
            $name = $resistors[$step % count($resistors)];
            $now = get_object_vars($driver)[$name] ?? null;
            try {
                $smaller = is_float($now) ? $driver->withValue($name, Offer::below($now * 0.9)) : $driver;
            } catch (\InvalidArgumentException) {
                return $driver;
            }
            if (MarginState::Sound !== Circuits::result($board, $actuator->with(driver: $smaller))->pin->state()) {
                return $driver;
            }
            $driver = $smaller;
        }

        return $driver;
    }
}
