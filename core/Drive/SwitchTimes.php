<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\Circuit\DriverResult;

/**
 * How long a relay takes to close and to open, and how long two that must not be closed together would be, if the one were
 * switched off and the other on in the same instant.
 *
 * A coil’s current rises with its time constant; from half the nominal voltage on the quickest relay moves, at its stated operate
 * voltage the slowest. The armature then travels 1 to 6 ms to close and up to 4 ms to open (from memory: data sheets of small
 * relays state at most 10 ms and 5 ms altogether).
 */
final readonly class SwitchTimes
{
    private const QUICKEST_SHARE = 0.5;
    private const QUICKEST_TRAVEL_SECONDS = 1e-3;
    private const SLOWEST_TRAVEL_SECONDS = 6e-3;
    private const SLOWEST_RETURN_SECONDS = 4e-3;

    /**
     * @param float $closesFirst seconds, of the quickest copy
     * @param float $closesLast seconds, of the slowest; infinite when it may not pull in at all
     * @param float $opensLast seconds, of the slowest
     */
    private function __construct(public float $closesFirst, public float $closesLast, public float $opensLast) {}

    /**
     * @param float $coilVolts typical
     * @param float $leastCoilVolts at the corner that hurts
     * @param float $operateVolts at which the relay must have operated, its coil at the air’s temperature
     */
    public static function of(Relay $relay, float $coilVolts, float $leastCoilVolts, float $operateVolts, TurnOff $turnOff): self
    {
        return new self(
            self::rise($coilVolts, self::QUICKEST_SHARE * $relay->coilVolts) + self::QUICKEST_TRAVEL_SECONDS,
            self::rise($leastCoilVolts, $operateVolts) + self::SLOWEST_TRAVEL_SECONDS,
            $turnOff->releaseSeconds + self::SLOWEST_RETURN_SECONDS,
        );
    }

    /** Null for a solid-state output, which follows its input within half a period, and while the clamp is unstated. */
    public static function ofRelay(Board $board, Actuator $actuator, DriverResult $result): ?self
    {
        $relay = $board->relay($actuator);
        if (null !== $relay->solidState || null === $actuator->relay || !$actuator->clamp->value instanceof Clamp) {
            return null;
        }
        $operate = $relay->operateVolts(max(20.0, $board->ambientCelsius()));

        return self::of(
            $relay,
            $result->pullIn->nominal->value * $relay->operateVolts(20.0),
            $result->pullIn->worst->value * $operate,
            $operate,
            TurnOff::of(
                $relay,
                $board->railVolts($actuator->rail)->typ,
                $result->coilAmps->value,
                $actuator->clamp->value,
                releaseShare: $relay->releaseRatio,
            ),
        );
    }

    /** Seconds for which this one may still be closed after another of its kind has closed. */
    public function overlap(self $other): float
    {
        return max(0.0, $this->opensLast - $other->closesFirst);
    }

    /** Seconds until the current stands for a voltage on the resistance alone. */
    private static function rise(float $volts, float $until): float
    {
        return $until >= $volts ? INF : TurnOff::TIME_CONSTANT_SECONDS * log($volts / ($volts - $until));
    }
}
