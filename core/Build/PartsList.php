<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Outlines;
use IronLatch\Core\Catalogue\Priced;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Terminal;
use IronLatch\Core\Wiring\WiredDevice;

/**
 * What is to be bought for a board: every device of its connections, alike ones together, and what its form of build takes besides.
 * Appliances are there already.
 */
final readonly class PartsList
{
    /**
     * @param list<PartsRow> $rows
     */
    private function __construct(public array $rows) {}

    /**
     * @param array<string, Rating> $ratings by designator
     */
    public static function of(
        Board $board,
        Connections $connections,
        PriceList $prices = new PriceList(),
        array $ratings = [],
    ): self {
        $form = $board->build->form();
        $outlines = null === $form ? [] : (new Outlines($board, $connections, $form))->all();
        $rows = self::grouped($board, $connections->devices, $prices, $outlines, $ratings);
        $extras = null === $form ? [] : (new FormParts($board, $connections, $form, $outlines, $prices))->rows();

        return new self([...$rows, ...$extras]);
    }

    /**
     * What each line takes by itself; what it shares with others, such as a receiver, stands in none of them.
     *
     * @return array<string, self> by line
     */
    public static function byLine(Board $board, Connections $connections, PriceList $prices = new PriceList()): array
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
            $lists[$line] = new self(self::grouped($board, $own, $prices, [], []));
        }

        return $lists;
    }

    /** Pieces; wire by the metre is none. */
    public function count(): int
    {
        return (int) array_sum(array_map(static fn(PartsRow $row): float => '' === $row->unit ? $row->count : 0.0, $this->rows));
    }

    /** Of those whose price is known. */
    public function knownEuros(): float
    {
        return array_sum(array_map(static fn(PartsRow $row): float => $row->sumEuros() ?? 0.0, $this->rows));
    }

    /** How many parts have no price. */
    public function unpriced(): int
    {
        return (int) array_sum(array_map(static fn(PartsRow $row): float => null === $row->price ? $row->count : 0.0, $this->rows));
    }

    /** The row that a part stands in; null where it is not bought. */
    public function rowOf(string $designator): ?PartsRow
    {
        foreach ($this->rows as $row) {
            if (in_array($designator, $row->designators, true)) {
                return $row;
            }
        }

        return null;
    }

    /**
     * @param array<string, WiredDevice> $devices
     * @param array<string, Outline> $outlines
     * @param array<string, Rating> $ratings
     * @return list<PartsRow>
     */
    private static function grouped(Board $board, array $devices, PriceList $prices, array $outlines, array $ratings): array
    {
        $rows = [];
        foreach ($devices as $device) {
            if (self::isBought($board, $device)) {
                $row = self::row($board, $device, $prices, $outlines[$device->id] ?? null, $ratings[$device->id] ?? null);
                $key = ($row->part ?? $row->kind . ' ' . $row->what) . ' ' . $row->side;
                $rows[$key] = isset($rows[$key]) ? $rows[$key]->with($row) : $row;
            }
        }
        $places = array_flip(array_column(DeviceKind::cases(), 'value'));
        uasort($rows, static fn(PartsRow $one, PartsRow $other): int => [$places[$one->kind], $one->what, $one->side]
            <=> [$places[$other->kind], $other->what, $other->side]);

        return array_values($rows);
    }

    /** Tracks of one board take the place of the bars that join wires. */
    private static function isBought(Board $board, WiredDevice $device): bool
    {
        return match ($device->kind) {
            DeviceKind::Appliance, DeviceKind::Case => false,
            DeviceKind::Bar => true !== $board->build->form()?->isOneBoard(),
            default => true,
        };
    }

    private static function row(Board $board, WiredDevice $device, PriceList $prices, ?Outline $outline, ?Rating $rating): PartsRow
    {
        $part = $board->parts[$device->part ?? ''] ?? null;
        $isPart = $part instanceof Priced;
        $what = $isPart ? $part->identity()->name : self::words($board, $device);
        $euros = ($isPart ? $part->euros() : null) ?? UsualPrices::of(
            $device->kind,
            self::poleCount($device),
            str_contains($device->note, '+'),
            'step capacitor' === $device->name,
        );

        return new PartsRow(
            $device->kind->value,
            $what,
            [$device->id],
            $isPart ? $device->part : null,
            $prices->priceOf($isPart ? $device->part : null, $what) ?? (null === $euros ? null : Price::shipped($euros)),
            '' === $device->note ? [] : [$device->note],
            1.0,
            '',
            Package::of($device, $board->build->form()),
            null === $outline ? '' : $outline->zone->value,
            self::fitter($board, $device, $outline),
            $rating,
        );
    }

    private static function fitter(Board $board, WiredDevice $device, ?Outline $outline): FittedBy
    {
        if (null !== $board->build->form() && null === $outline) {
            return FittedBy::Nobody;
        }

        $isByMachine = BuildForm::Assembled === $board->build->form() && Package::isSurfaceMounted($board, $device);

        return $isByMachine ? FittedBy::Assembler : FittedBy::Hand;
    }

    /** What it is called in a shop: names that the maker gave, and what it does on this board, do not tell parts apart. */
    private static function words(Board $board, WiredDevice $device): string
    {
        return match ($device->kind) {
            DeviceKind::Resistor => self::withoutUsual($device->value),
            DeviceKind::Capacitor => self::withoutUsual($device->name . ' ' . $device->value),
            DeviceKind::Suppressor,
            DeviceKind::Switch,
            DeviceKind::Sensor,
            DeviceKind::Bar => $device->value,
            DeviceKind::Inlet => 'inlet, ' . $device->value,
            DeviceKind::Terminals => isset($board->rails[$device->subject]) ? $device->name : self::poles($device),
            DeviceKind::Header => self::poles($device),
            DeviceKind::Outlet, DeviceKind::Diode => $device->name,
            default => trim($device->name . ' ' . $device->value),
        };
    }

    /** That a value is the usual one is told on the drawing, not in the shop. */
    private static function withoutUsual(string $words): string
    {
        return trim((string) preg_replace('/ usual$/', '', $words));
    }

    private static function poles(WiredDevice $device): string
    {
        return sprintf('%d poles', self::poleCount($device));
    }

    private static function poleCount(WiredDevice $device): int
    {
        return count(array_unique(array_map(static fn(Terminal $terminal): string => $terminal->name, $device->terminals)));
    }
}
