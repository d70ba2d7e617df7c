<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\NpnCircuit;
use IronLatch\Core\Drive\NpnOperatingPoint;
use IronLatch\Core\Drive\OptoInput;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What a relay does from the moment power arrives until the program has set its pins. */
final class StartUp
{
    /** Below this share of its nominal voltage no relay is expected to move (common practice, from memory). */
    public const STILL_RATIO = 0.5;
    /** Below this no silicon junction conducts enough to matter, and no coil moves. */
    private const QUIET_VOLTS = 0.3;

    /**
     * @param list<Pull> $pulls resistors on the output's wire
     * @return list<Moment> one per phase
     */
    public static function film(Board $board, Chip $chip, Pin $pin, Actuator $actuator, array $pulls): array
    {
        $moments = [];
        foreach (BootPhase::cases() as $phase) {
            $fact = $pin->chip->bootFact($phase);
            $state = $fact->state ?? PinState::Floating;
            [$movement, $cause] = self::movement($board, $chip, $pin, $actuator, $state, $pulls);
            $moments[] = new Moment($phase, $state, $fact->seconds ?? 0.0, $fact->basis ?? Basis::DataSheet, $movement, $cause);
        }

        return $moments;
    }

    /**
     * @param list<Pull> $pulls
     * @return array{Movement, Figure}
     */
    private static function movement(Board $board, Chip $chip, Pin $pin, Actuator $actuator, PinState $state, array $pulls): array
    {
        $driver = $actuator->driver;
        $active = $driver->inherentActiveLevel();
        $typical = Source::at($chip, $pin, $state, $pulls, null);
        $worst = Source::at($chip, $pin, $state, $pulls, $active);
        if (PinState::Toggling === $state) {
            // Some of the time the pin is certainly at the active level, at typical values too.
            $typical = $worst;
        }

        return $driver instanceof OptoModuleInput
            ? self::ofModule($board, $actuator, $driver, $state, $typical, $worst)
            : self::ofCoil($board, $actuator, $state, $typical, $worst);
    }

    /**
     * @return array{Movement, Figure}
     */
    private static function ofCoil(Board $board, Actuator $actuator, PinState $state, ?Source $typical, ?Source $worst): array
    {
        $relay = $board->relay($actuator);
        // Most pins float, and most of the rest are quiet: those need no operating point.
        if (null === $worst || $worst->volts < self::QUIET_VOLTS) {
            return [Movement::None, new Figure('coil voltage at start-up', 0.0, Unit::Volt, 'nothing drives the base', ['pin ' . $state->value], 'strongest pull, greatest gain', 'the pin’s state at start-up')];
        }
        $volts = self::coilVolts($board, $actuator, $typical, worst: false);
        $greatest = self::coilVolts($board, $actuator, $worst, worst: true);
        $figure = new Figure(
            'coil voltage at start-up',
            $greatest,
            Unit::Volt,
            'operating point with the pin as the chip leaves it',
            ['pin ' . $state->value, 'typical ' . QuantityPrinter::rounded($volts, Unit::Volt), sprintf('still up to %s', QuantityPrinter::rounded(self::STILL_RATIO * $relay->coilVolts, Unit::Volt))],
            'strongest pull, greatest gain',
            'Ebers–Moll transport model; still below half the nominal voltage: common practice',
        );

        return [match (true) {
            $volts >= self::STILL_RATIO * $relay->coilVolts => Movement::Certain,
            $greatest >= self::STILL_RATIO * $relay->coilVolts => Movement::Possible,
            default => Movement::None,
        }, $figure];
    }

    private static function coilVolts(Board $board, Actuator $actuator, ?Source $source, bool $worst): float
    {
        if (null === $source) {
            return 0.0;
        }
        $relay = $board->relay($actuator);
        $driver = $actuator->driver;
        if (!$driver instanceof NpnLowSide) {
            return $source->volts * $relay->coilResistance->typ / ($relay->coilResistance->typ + $source->ohms);
        }
        $transistor = $board->transistor($driver);
        $rail = $board->supply($actuator->rail)->output;
        $tolerance = $worst ? DriverAnalysis::RESISTOR_TOLERANCE : 0.0;

        return NpnOperatingPoint::solve(new NpnCircuit(
            $source->volts,
            $source->ohms + $driver->baseOhms * (1 - $tolerance),
            null === $driver->baseEmitterOhms ? null : $driver->baseEmitterOhms * (1 + $tolerance),
            $worst ? $rail->max : $rail->typ,
            $worst ? $relay->coilResistance->max : $relay->coilResistance->typ,
            $transistor->collectorResistance->typ,
            $worst ? $transistor->gain->max : $transistor->gain->typ,
            $transistor->reverseGain,
            $worst ? $transistor->saturationCurrent->max : $transistor->saturationCurrent->typ,
        ))->coilVolts;
    }

    /**
     * @return array{Movement, Figure}
     */
    private static function ofModule(Board $board, Actuator $actuator, OptoModuleInput $driver, PinState $state, ?Source $typical, ?Source $worst): array
    {
        $module = $board->module($driver);
        $rail = $board->supply($actuator->rail)->output;
        $led = $module->indicatorVolts->plus($module->optoVolts);
        $leds = $module->indicatorVolts->max > 0 ? 2 : 1;
        $amps = null === $typical ? 0.0 : OptoInput::amps($rail->typ, $module->seriesResistance->typ, $led->typ, $leds, $typical->volts, $typical->ohms);
        $greatest = null === $worst ? 0.0 : OptoInput::amps($rail->max, $module->seriesResistance->min, $led->min, $leds, $worst->volts, $worst->ohms);
        $figure = new Figure(
            'module input current at start-up',
            $greatest,
            Unit::Ampere,
            '(V_supply − V_LEDs − V_pin) ÷ R',
            ['pin ' . $state->value, 'typical ' . QuantityPrinter::rounded($amps, Unit::Ampere), 'releases for certain up to ' . QuantityPrinter::rounded($module->releaseAmps, Unit::Ampere)],
            'highest supply, lowest LED voltages',
            'series circuit with exponential LEDs',
        );

        return [match (true) {
            $amps >= $module->operateAmps => Movement::Certain,
            $greatest > $module->releaseAmps => Movement::Possible,
            default => Movement::None,
        }, $figure];
    }
}
