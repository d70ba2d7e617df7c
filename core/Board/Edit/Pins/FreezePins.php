<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Seat;

/** Freezes the pin map as it stands: a firmware is in use that relies on it. */
final readonly class FreezePins implements Edit
{
    public function apply(Board $board): Board
    {
        if ([] === $board->seats) {
            throw new EditRefused('Nothing is seated yet. Seat the functions first, then freeze their pins.');
        }

        return $board->with(frozenSeats: array_map(static fn(Seat $seat): string => $seat->pin, $board->seats));
    }

    public function summary(Board $board): string
    {
        return [] === $board->frozenSeats ? 'Freeze the pin map' : 'Freeze the pin map anew';
    }
}
