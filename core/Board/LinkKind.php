<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Direction;

/** How a serial radio is joined to the controller. */
enum LinkKind: string
{
    case BothWays = 'module on two pins';
    case Listens = 'module on one pin, receives only';
    case Speaks = 'module on one pin, sends only';
    /** Serial over the air, by the controller’s own short-range radio: no pins. */
    case Inside = 'inside the controller, without pins';

    public function direction(): Direction
    {
        return match ($this) {
            self::Listens => Direction::Command,
            self::Speaks => Direction::State,
            default => Direction::Both,
        };
    }

    /**
     * The pins that it wants.
     *
     * @return list<FunctionKind>
     */
    public function functions(): array
    {
        return match ($this) {
            self::BothWays => [FunctionKind::UartTransmit, FunctionKind::UartReceive],
            self::Listens => [FunctionKind::UartReceive],
            self::Speaks => [FunctionKind::UartTransmit],
            self::Inside => [],
        };
    }
}
