<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** A circuit whose coil voltage follows from whatever its input hangs on. */
abstract class CoilCircuit extends DriverCircuit
{
    /** Below this share of its nominal voltage no relay is expected to move (common practice, from memory). */
    private const STILL_RATIO = 0.5;
    /** Below this no silicon junction conducts enough to matter, and no coil moves. */
    private const QUIET_VOLTS = 0.3;

    /** Volts on the coil with a source at the input; at the warmest corner that helps, or at typical values where that is null. */
    abstract protected function coilVolts(Thevenin $source, ?float $warmestCelsius): float;

    final public function atStart(PinState $state, ?Thevenin $typical, ?Thevenin $worst, float $ambientCelsius): StartUpVerdict
    {
        // Most pins float, and most of the rest are quiet: those need no operating point.
        if (null === $worst || $worst->volts < self::QUIET_VOLTS) {
            return StartUpVerdict::still($state);
        }
        $volts = null === $typical ? 0.0 : $this->coilVolts($typical, null);
        $greatest = $this->coilVolts($worst, Warmth::warmest($ambientCelsius));
        // A coil has an armature to move; a solid-state input switches as soon as it is no longer off.
        $still = (null === $this->relay->solidState ? self::STILL_RATIO : $this->relay->releaseRatio) * $this->relay->coilVolts;
        $figure = new Figure(
            'coil voltage at start-up',
            $greatest,
            Unit::Volt,
            'operating point with the pin as the chip leaves it',
            [
                'pin ' . $state->value,
                'typical ' . QuantityPrinter::rounded($volts, Unit::Volt),
                sprintf('still up to %s', QuantityPrinter::rounded($still, Unit::Volt)),
            ],
            sprintf(
                'strongest pull, greatest gain, junctions at %s',
                QuantityPrinter::rounded(Warmth::warmest($ambientCelsius), Unit::Celsius),
            ),
            'operating point of the driver circuit; still below half the nominal voltage: common practice',
        );

        return new StartUpVerdict(match (true) {
            $volts >= $still => Movement::Certain,
            $greatest >= $still => Movement::Possible,
            default => Movement::None,
        }, $figure);
    }
}
