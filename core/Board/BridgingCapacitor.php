<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Insulation;

/** What of the capacitors that join mains to low voltage is known; those inside a supply are its maker’s matter. */
enum BridgingCapacitor: string
{
    case None = 'none';
    case Y1 = 'class Y1';
    case Y2 = 'class Y2';
    case Other = 'another class, or unmarked';

    /** Insulation that its class stands for: Y1 bridges reinforced, Y2 basic insulation (IEC 60384-14, from memory). */
    public function insulation(): Insulation
    {
        return match ($this) {
            self::None, self::Y1 => Insulation::Reinforced,
            self::Y2 => Insulation::Basic,
            self::Other => Insulation::Unstated,
        };
    }
}
