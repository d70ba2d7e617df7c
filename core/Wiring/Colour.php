<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** The colour of a wire’s insulation, with its letters (IEC 60757, from memory). */
enum Colour: string
{
    case Black = 'BK';
    case Brown = 'BN';
    case Red = 'RD';
    case Orange = 'OG';
    case Yellow = 'YE';
    case Green = 'GN';
    case Blue = 'BU';
    case Violet = 'VT';
    case Grey = 'GY';
    case White = 'WH';
    case Pink = 'PK';
    case Turquoise = 'TQ';
    case GreenYellow = 'GNYE';

    public function words(): string
    {
        return match ($this) {
            self::GreenYellow => 'green-yellow',
            default => strtolower($this->name),
        };
    }
}
