<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Catalogue\Strap;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\OptoInput;
use IronLatch\Core\Drive\Circuit\Thevenin;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * Solves the voltage of a strapped pin at reset from the chip's and the carrier's pulls, resistors on the wire and the one
 * circuit that hangs on it, and holds it against V_IL or V_IH. Between the two counts as failing.
 */
final class StrapSolver
{
    /** An active sensor's output drives its wire behind about this (common data of such modules, from memory). */
    private const SENSOR_OHMS = 1e3;

    /**
     * @param list<string> $functions ids of what would sit on the pin
     */
    public static function solve(Board $board, Pin $pin, Strap $strap, array $functions): StrappedNode
    {
        $pulls = [];
        $loads = [];
        foreach ($functions as $id) {
            $function = $board->functions[$id];
            if (null !== $function->pull) {
                $pulls[] = $function->pull;
            }
            $bus = $board->groupOf($id, GroupKind::I2c);
            if (null !== $bus && null !== $board->groups[$bus]->i2c?->pullUpOhms) {
                $pulls[] = new Pull(PullDirection::Up, $board->groups[$bus]->i2c->pullUpOhms);
            }
            if (FunctionKind::InfraredReceiver === $function->kind) {
                $pulls[] = new Pull(PullDirection::Up, SwitchLevel::RECEIVER_PULL_OHMS);
            }
            if ($function->kind->isActiveSensor()) {
                // At power-up it may be at either level: the one that hurts counts.
                $pulls[] = new Pull(Level::High === $strap->needs ? PullDirection::Down : PullDirection::Up, self::SENSOR_OHMS);
            }
            if (null !== $function->lamp?->rail) {
                // Through its diode the rail pulls the node up; taken as the resistor alone, which pulls harder.
                $pulls[] = new Pull(PullDirection::Up, max(1.0, $function->lamp->ohms->value ?? self::SENSOR_OHMS));
            }
            $owner = $board->actuatorOf($id);
            $load = null === $owner ? JunctionLoad::of($function) : $board->actuator($owner);
            if (null !== $load) {
                $loads[] = $load;
            }
        }
        if (count($loads) > 1) {
            return new StrappedNode($pin, $strap, null, 0.0);
        }
        $supply = $pin->silicon->electrics->supply;
        $volts = self::volts($board, $pin, $pulls, $loads, null, $supply->typ);
        // Node and threshold move with the same supply, so each of its extremes is judged as a whole.
        $extremes = [];
        foreach ([$supply->min, $supply->max] as $extreme) {
            $extremes[] = self::share(
                $pin->silicon,
                $strap,
                self::volts($board, $pin, $pulls, $loads, $strap->needs->opposite(), $extreme),
                $extreme,
            );
        }

        return new StrappedNode($pin, $strap, self::margin($pin->silicon, $strap, $volts, min($extremes)), $volts);
    }

    private static function margin(Silicon $silicon, Strap $strap, float $volts, float $worstShare): Margin
    {
        $needsHigh = Level::High === $strap->needs;
        $limit = ($needsHigh ? $silicon->electrics->inputHighRatio : $silicon->electrics->inputLowRatio) * $silicon->electrics->supply->typ;
        $formula = $needsHigh ? 'V_node ÷ V_IH' : 'V_IL ÷ V_node';
        $inputs = [
            'V_node = ' . QuantityPrinter::rounded($volts, Unit::Volt),
            ($needsHigh ? 'V_IH = ' : 'V_IL = ') . QuantityPrinter::rounded($limit, Unit::Volt),
        ];
        $source = 'node equation with everything on the pin; thresholds of ' . $silicon->identity->name;

        return new Margin(
            new Figure(
                'strap level over its threshold',
                self::share($silicon, $strap, $volts, $silicon->electrics->supply->typ),
                Unit::Ratio,
                $formula,
                $inputs,
                'typical values, contacts open',
                $source,
            ),
            new Figure(
                'strap level over its threshold',
                $worstShare,
                Unit::Ratio,
                $formula,
                $inputs,
                'pulls and loads at the corner that hurts, the worse extreme of the pins’ supply',
                $source,
            ),
        );
    }

    /** How far a node is on the right side of its threshold: over 1 is right. */
    private static function share(Silicon $silicon, Strap $strap, float $nodeVolts, float $supplyVolts): float
    {
        return Level::High === $strap->needs
            ? $nodeVolts / ($silicon->electrics->inputHighRatio * $supplyVolts)
            : $silicon->electrics->inputLowRatio * $supplyVolts / max($nodeVolts, 1e-3);
    }

    /**
     * @param list<Pull> $pulls
     * @param list<Actuator|JunctionLoad> $loads at most one
     */
    private static function volts(Board $board, Pin $pin, array $pulls, array $loads, ?Level $towards, float $supplyVolts): float
    {
        $state = $pin->chip->bootFact(BootPhase::Reset)->state ?? PinState::Floating;
        // Without any pull the node is where the load leaves it: a weak leak to half the supply stands for the open input.
        $source = Source::at($pin, $state, $pulls, $towards, $supplyVolts);
        $volts = $source->volts ?? $supplyVolts / 2;
        $ohms = $source->ohms ?? 1e6;
        if ([] === $loads) {
            return $volts;
        }
        $actuator = $loads[0];
        if ($actuator instanceof JunctionLoad) {
            return $volts - $ohms * OptoInput::amps($volts, $ohms, $actuator->volts, 1, 0.0, $actuator->ohms);
        }

        return Circuits::of($board, $actuator, $pin->silicon->electrics)
            ->nodeVolts(new Thevenin($volts, $ohms), $towards, $board->ambientCelsius());
    }
}
