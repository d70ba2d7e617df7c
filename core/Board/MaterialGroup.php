<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How well a surface resists tracking (IEC 60664-1): an ordinary board is of group III. */
enum MaterialGroup: string
{
    case One = 'group I';
    case Two = 'group II';
    case Three = 'group III';

    public function number(): int
    {
        return match ($this) {
            self::One => 1,
            self::Two => 2,
            self::Three => 3,
        };
    }
}
