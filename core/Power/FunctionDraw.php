<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampFacts;
use IronLatch\Core\Board\PinFunction;

/**
 * What usually hangs behind a function and takes its supply from the controller’s pins; values from memory, stated by attaching the
 * device itself.
 */
final class FunctionDraw
{
    public static function of(Board $board, PinFunction $function): ?Demand
    {
        return match ($function->kind) {
            FunctionKind::InfraredReceiver => new Demand(0.4e-3, 1.5e-3),
            FunctionKind::MotionSensor => new Demand(65e-6, 1e-3),
            FunctionKind::LeakModule => new Demand(4e-3, 15e-3),
            FunctionKind::AnalogueSensor, FunctionKind::SelectorLadder => new Demand(0.3e-3, 1e-3),
            FunctionKind::OneWireSensor => new Demand(0.5e-3, 1.5e-3),
            FunctionKind::ZeroCross, FunctionKind::StateSense => new Demand(0.5e-3, 1e-3),
            FunctionKind::StatusLed => self::lamp($board, $function->lamp) ?? new Demand(4e-3, 6e-3),
            FunctionKind::Buzzer => new Demand(5e-3, 12e-3),
            default => null,
        };
    }

    /** By its resistor; null while that is not known. A lamp of no stated colour counts as red, which draws the most. */
    private static function lamp(Board $board, ?LampFacts $lamp): ?Demand
    {
        $ohms = $lamp?->ohms?->value;
        if (null === $lamp || !is_float($ohms) || $ohms <= 0) {
            return null;
        }
        $volts = null === $lamp->rail ? $board->controller()->chip->electrics->supply : $board->railVolts($lamp->rail);
        $forward = ($lamp->colour ?? LampColour::Red)->forwardVolts();

        return new Demand(max(0.0, $volts->typ - $forward->typ) / $ohms, max(0.0, $volts->max - $forward->min) / $ohms);
    }
}
