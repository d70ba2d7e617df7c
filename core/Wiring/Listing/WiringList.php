<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Wire;

/** Every wire in the order of the work: on the mains side earth first, then grounds and rails, then signals; bundle by bundle. */
final class WiringList
{
    /**
     * @return array<string, list<Wire>> by bundle
     */
    public static function of(Connections $connections): array
    {
        $wires = array_values($connections->wires);
        usort($wires, static fn(Wire $one, Wire $other): int => self::order($connections, $one) <=> self::order($connections, $other));
        $bundles = [];
        foreach ($wires as $wire) {
            $bundles[$wire->bundle][] = $wire;
        }

        return $bundles;
    }

    /** @return array{bool, bool, int, string} */
    private static function order(Connections $connections, Wire $wire): array
    {
        $kind = $connections->nets[$wire->net]->kind;
        $place = array_search($kind, [
            NetKind::Earth,
            NetKind::Neutral,
            NetKind::Live,
            NetKind::SwitchedLive,
            NetKind::Ground,
            NetKind::Rail,
            NetKind::SwitchedDirect,
            NetKind::Signal,
        ], true);

        // Small parts are joined before wires are led to them; mains comes first of the wires, and cables last.
        return [!$wire->onBoard, null !== $wire->to->cable, (int) $place, sprintf('%s%08d', $wire->number[0], substr($wire->number, 1))];
    }
}
