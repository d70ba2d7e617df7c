<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Standing;

/** Where a board is to live. */
enum Home: string
{
    case WallBox = 'in a wall box';
    case Rail = 'on a rail';
    case BoxOnALead = 'in a box on a lead';
    case Case = 'in a case';

    /** How the box stands that it goes into. */
    public function standing(): Standing
    {
        return match ($this) {
            self::WallBox => Standing::InWall,
            self::Rail => Standing::OnRail,
            self::BoxOnALead, self::Case => Standing::ByItself,
        };
    }

    /** How mains reaches it, where the place alone tells: a lead may have one of several plugs, a case a lead or a cable. */
    public function inlet(): ?InletKind
    {
        return match ($this) {
            self::WallBox, self::Rail => InletKind::Fixed,
            self::BoxOnALead, self::Case => null,
        };
    }

    /** What its appliances hang on, where there is one sound choice. */
    public function outlet(): ?OutletKind
    {
        return match ($this) {
            self::WallBox, self::Rail => OutletKind::Fixed,
            self::BoxOnALead => OutletKind::Earthed,
            self::Case => null,
        };
    }
}
