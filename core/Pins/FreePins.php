<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Pin;

/** Pins that nothing sits on, that nothing inside the controller needs, and that reset does not read. */
final class FreePins
{
    public static function of(Board $board): int
    {
        return count(array_filter(
            $board->controller()->pins,
            static fn(Pin $pin): bool => [] === $board->functionsOn($pin->name())
                && null === $pin->chip->reserved
                && null === $pin->chip->strap,
        ));
    }
}
