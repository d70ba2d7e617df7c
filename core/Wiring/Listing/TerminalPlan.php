<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Joining;
use IronLatch\Core\Wiring\Terminal;
use IronLatch\Core\Wiring\WiredDevice;

/** Every terminal that a wire is clamped in or pushed on, in its true order, with what comes to it and how tight it is drawn. */
final class TerminalPlan
{
    /** Screws of about M3, as in terminal blocks and outlets (from memory), and of about M2, as in the small blocks of modules. */
    private const MAINS_NEWTON_METRES = 0.5;
    private const SMALL_NEWTON_METRES = 0.2;

    /**
     * @return list<TerminalRow>
     */
    public static function of(Connections $connections): array
    {
        $wires = [];
        $mains = [];
        foreach ($connections->wires as $wire) {
            foreach ([$wire->from, $wire->to] as $end) {
                // A terminal block has a clamp at each side: what leads on lies in the other one.
                $side = $end->name() === $wire->to->via || ($end === $wire->from && $end->name() === $wire->to->via) ? 'out' : 'in';
                $wires[$end->name()][$side][] = $wire->number;
                $mains[$end->name()] = $connections->nets[$wire->net]->kind->isMains();
            }
        }
        $rows = [];
        foreach ($connections->devices as $device) {
            foreach ($device->terminals as $terminal) {
                $name = $device->id . '.' . $terminal->key;
                $here = $wires[$name] ?? [];
                if ([] !== $here && Joining::Solder !== $terminal->joining) {
                    $rows[] = self::row($device, $terminal, $here, $mains[$name]);
                }
            }
        }

        return $rows;
    }

    /**
     * @param array<string, list<string>> $wires by side
     */
    private static function row(WiredDevice $device, Terminal $terminal, array $wires, bool $isMains): TerminalRow
    {
        return new TerminalRow(
            $device,
            $terminal,
            $wires['in'] ?? [],
            $wires['out'] ?? [],
            Joining::Screw === $terminal->joining ? ($isMains ? self::MAINS_NEWTON_METRES : self::SMALL_NEWTON_METRES) : null,
            $isMains,
        );
    }
}
