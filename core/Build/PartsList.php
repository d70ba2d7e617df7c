<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Priced;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Terminal;
use IronLatch\Core\Wiring\WiredDevice;

/**
 * What is to be bought for a board: every device of its connections, alike ones together. Appliances are there already; wire by the metre
 * stands in the cutting list.
 */
final readonly class PartsList
{
    /**
     * @param list<PartsRow> $rows
     */
    private function __construct(public array $rows) {}

    public static function of(Board $board, Connections $connections): self
    {
        return self::grouped($board, $connections->devices);
    }

    /**
     * What each line takes by itself; what it shares with others, such as a receiver, stands in none of them.
     *
     * @return array<string, self> by line
     */
    public static function byLine(Board $board, Connections $connections): array
    {
        $subjects = [];
        $holders = [];
        foreach ($board->lines as $id => $line) {
            $subjects[$id] = $line->subjects($id);
            foreach ($subjects[$id] as $subject => $is) {
                $holders[$subject] = ($holders[$subject] ?? 0) + 1;
            }
        }
        $isOf = static fn(WiredDevice $device, string $line): bool => isset($subjects[$line][$device->subject])
            && 1 === $holders[$device->subject];
        $lists = [];
        foreach (array_keys($board->lines) as $line) {
            $own = array_filter($connections->devices, static fn(WiredDevice $device): bool => $isOf($device, $line));
            $lists[$line] = self::grouped($board, $own);
        }

        return $lists;
    }

    public function count(): int
    {
        return array_sum(array_map(static fn(PartsRow $row): int => count($row->designators), $this->rows));
    }

    /** Of those whose price is known. */
    public function knownEuros(): float
    {
        return array_sum(array_map(static fn(PartsRow $row): float => $row->sumEuros() ?? 0.0, $this->rows));
    }

    /** How many parts have no price. */
    public function unpriced(): int
    {
        return array_sum(array_map(static fn(PartsRow $row): int => null === $row->euros ? count($row->designators) : 0, $this->rows));
    }

    /**
     * @param array<string, WiredDevice> $devices
     */
    private static function grouped(Board $board, array $devices): self
    {
        $rows = [];
        foreach ($devices as $device) {
            if (!in_array($device->kind, [DeviceKind::Appliance, DeviceKind::Case], true)) {
                $row = self::row($board, $device);
                $key = $row->part ?? $row->kind->value . ' ' . $row->what;
                $rows[$key] = isset($rows[$key]) ? $rows[$key]->with($row) : $row;
            }
        }
        $places = array_flip(array_column(DeviceKind::cases(), 'value'));
        uasort($rows, static fn(PartsRow $one, PartsRow $other): int => [$places[$one->kind->value], $one->what]
            <=> [$places[$other->kind->value], $other->what]);

        return new self(array_values($rows));
    }

    private static function row(Board $board, WiredDevice $device): PartsRow
    {
        $part = $board->parts[$device->part ?? ''] ?? null;
        $isPart = $part instanceof Priced;

        return new PartsRow(
            $device->kind,
            $isPart ? $part->identity()->name : self::words($board, $device),
            [$device->id],
            $isPart ? $device->part : null,
            $isPart ? $part->euros() : null,
            '' === $device->note ? [] : [$device->note],
        );
    }

    /** What it is called in a shop: names that the maker gave, and what it does on this board, do not tell parts apart. */
    private static function words(Board $board, WiredDevice $device): string
    {
        return match ($device->kind) {
            DeviceKind::Resistor,
            DeviceKind::Suppressor,
            DeviceKind::Switch,
            DeviceKind::Sensor,
            DeviceKind::Bar,
            DeviceKind::Inlet => $device->value,
            DeviceKind::Terminals => isset($board->rails[$device->subject]) ? $device->name : self::poles($device),
            DeviceKind::Header => self::poles($device),
            DeviceKind::Outlet, DeviceKind::Diode => $device->name,
            default => trim($device->name . ' ' . $device->value),
        };
    }

    private static function poles(WiredDevice $device): string
    {
        $names = array_map(static fn(Terminal $terminal): string => $terminal->name, $device->terminals);

        return sprintf('%d poles', count(array_unique($names)));
    }
}
