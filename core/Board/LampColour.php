<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Spread;

/** Of a light-emitting diode: it decides the voltage that it takes. */
enum LampColour: string
{
    case Red = 'red';
    case Yellow = 'yellow';
    case Green = 'green';
    case Blue = 'blue';
    case White = 'white';

    /** Forward voltage at some milliamperes (as usual in data sheets, from memory). */
    public function forwardVolts(): Spread
    {
        return match ($this) {
            self::Red => new Spread(1.7, 1.9, 2.2),
            self::Yellow => new Spread(1.8, 2.0, 2.3),
            self::Green => new Spread(1.9, 2.1, 2.5),
            self::Blue, self::White => new Spread(2.8, 3.1, 3.5),
        };
    }
}
