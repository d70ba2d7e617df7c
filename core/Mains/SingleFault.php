<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

/** One thing that goes wrong in a line, one at a time. */
enum SingleFault: string
{
    case ContactWelds = 'its contact welds';
    case DriverShorts = 'its driver shorts';
    case PinStuck = 'its pin stays at the level for on';
    case ProgramHangs = 'the program hangs';
    case SensorLost = 'its sensor is lost';

    /** Whether a second relay with an output of its own opens all the same. */
    public function leavesGuard(): bool
    {
        return self::ContactWelds === $this || self::DriverShorts === $this || self::PinStuck === $this;
    }
}
