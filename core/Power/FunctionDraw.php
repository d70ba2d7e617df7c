<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\FunctionKind;

/**
 * What usually hangs behind a function and takes its supply from the controller’s pins; values from memory, stated by attaching the
 * device itself.
 */
final class FunctionDraw
{
    public static function of(FunctionKind $kind): ?Demand
    {
        return match ($kind) {
            FunctionKind::InfraredReceiver => new Demand(0.4e-3, 1.5e-3),
            FunctionKind::MotionSensor => new Demand(65e-6, 1e-3),
            FunctionKind::LeakModule => new Demand(4e-3, 15e-3),
            FunctionKind::AnalogueSensor, FunctionKind::SelectorLadder => new Demand(0.3e-3, 1e-3),
            FunctionKind::OneWireSensor => new Demand(0.5e-3, 1.5e-3),
            FunctionKind::ZeroCross, FunctionKind::StateSense => new Demand(0.5e-3, 1e-3),
            FunctionKind::StatusLed => new Demand(4e-3, 6e-3),
            FunctionKind::Buzzer => new Demand(5e-3, 12e-3),
            default => null,
        };
    }
}
