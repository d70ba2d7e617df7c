<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\DriverResult;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;

/** Proposes the best other transistor for a relay, where what it has will not do. */
final class OtherDrivers
{
    private const AT_MOST = 2;

    /**
     * @param ?\Closure(DriverResult): bool $cures what the circuit must do besides being sound
     * @return list<Remedy> each brings its own active level, and none moves the relay at start-up
     */
    public static function remedies(Inspection $inspection, string $id, ?\Closure $cures = null): array
    {
        // One transistor is what a remedy proposes; all the other circuits stand in the Drive view.
        $parts = [
            ...array_filter(Repairs::of($inspection)->partsOnOffer(Transistor::class), static fn(Transistor $part): bool => !$part->isPnp),
            ...Repairs::of($inspection)->partsOnOffer(Mosfet::class),
        ];
        $remedies = [];
        foreach (Repairs::of($inspection)->driverWays($id, array_values($parts)) as $way) {
            if ($way->isSound() && (null === $cures || $cures($way->result))) {
                $remedies[] = new Remedy('Drive it by ' . $way->title, $way->edit([$id]));
            }
        }

        return array_slice($remedies, 0, self::AT_MOST);
    }
}
