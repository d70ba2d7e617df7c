<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** The drawing that a net belongs to. */
enum Area: string
{
    case LowVoltage = 'low';
    case Hand = 'hand';
    case Mains = 'mains';

    public function title(): string
    {
        return match ($this) {
            self::LowVoltage => 'Low voltage',
            self::Hand => 'Hand side',
            self::Mains => 'Mains',
        };
    }
}
