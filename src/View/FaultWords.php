<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Storage\DamagedStore;

/** Why a board cannot be shown. */
final class FaultWords
{
    /** What a maker can do something with: the reader’s own words, or where it failed. */
    public static function of(\Throwable $fault): string
    {
        return match (true) {
            $fault instanceof BoardFileFault => 'It cannot be read by this Iron Latch. ' . $fault->getMessage(),
            $fault instanceof DamagedStore => $fault->getMessage(),
            default => sprintf(
                'Reckoning it failed: %s (%s, line %d). That is a fault of Iron Latch, brought out by a value on this board.',
                rtrim($fault->getMessage(), '.'),
                basename($fault->getFile(), '.php'),
                $fault->getLine(),
            ),
        };
    }
}
