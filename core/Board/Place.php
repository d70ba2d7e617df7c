<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Where the board lives: it decides how high surges come and how dirty it gets. */
enum Place: string
{
    case PlugIn = 'box on a lead';
    case Wall = 'wall box';
    case Rail = 'enclosure on a rail';
    case Damp = 'damp or dusty place';

    /** Overvoltage category of IEC 60664-1: 3 in fixed installations, 2 behind a plug. */
    public function overvoltageCategory(): int
    {
        return self::PlugIn === $this ? 2 : 3;
    }

    /** Pollution degree of IEC 60664-1. */
    public function pollutionDegree(): int
    {
        return self::Damp === $this ? 3 : 2;
    }
}
