<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Papers;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Wire;

/** What is written on strips and stuck on: both ends of each wire, terminals, lines, the fuse, the box itself. */
final class LabelStrips
{
    /**
     * @return array<string, list<array{string, string}>> large word and small words, by what they are stuck on
     */
    public static function of(Board $board, Connections $connections, string $made): array
    {
        $wires = array_filter($connections->wires, static fn(Wire $wire): bool => !$wire->onBoard);
        $ends = [];
        foreach ($wires as $wire) {
            foreach ([$wire->from, $wire->to] as $end) {
                $ends[] = [$wire->number, sprintf('%s, %s', $wire->colour->value, $end->name())];
            }
        }
        $terminals = [];
        foreach ($connections->devices as $device) {
            if (DeviceKind::Terminals === $device->kind) {
                $terminals[] = [$device->id, $device->name];
            }
        }

        return array_filter([
            'Wires, one at each end' => $ends,
            'Terminals' => $terminals,
            'Lines, at outlets and switches' => array_values(array_map(
                static fn(Line $line): array => [$line->name, ''],
                $board->lines,
            )),
            'Fuse, beside its holder' => self::fuse($board),
            'The box' => [
                [$board->name, $made],
                ['Isolate before opening', sprintf(
                    '%s %s',
                    QuantityPrinter::rounded($board->system()->volts, Unit::Volt),
                    $board->system()->isDirect() ? 'DC' : 'AC',
                )],
            ],
        ]);
    }

    /**
     * @return list<array{string, string}>
     */
    private static function fuse(Board $board): array
    {
        $fuse = null === $board->box?->fuse ? null : $board->part($board->box->fuse, MainsFuse::class);

        return null === $fuse ? [] : [[
            QuantityPrinter::rounded($fuse->ratedAmps, Unit::Ampere) . ($fuse->timeLag ? ' time-lag' : ''),
            $fuse->identity->name,
        ]];
    }
}
