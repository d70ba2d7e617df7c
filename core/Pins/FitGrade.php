<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

/** How well a function sits on a pin. */
enum FitGrade: int
{
    case Good = 0;
    case Usable = 1;
    case Poor = 2;
    case Never = 3;

    public function word(): string
    {
        return match ($this) {
            self::Good => 'good',
            self::Usable => 'usable',
            self::Poor => 'poor',
            self::Never => 'not possible',
        };
    }
}
