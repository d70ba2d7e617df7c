<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** A netlist as a plain table: a row for each pin, or a row for each net with its pins in one cell. */
final class NetTable
{
    public static function isOne(ListTable $table): bool
    {
        return $table->has(ListColumn::Net)
            && ($table->has(ListColumn::Designator, ListColumn::Pin) || $table->has(ListColumn::PartAndPin));
    }

    /** @throws Unreadable */
    public static function read(ListTable $table): LayoutNetlist
    {
        $pads = [];
        foreach (array_keys($table->rows) as $row) {
            $net = $table->cell($row, ListColumn::Net);
            foreach (self::ends($table, $row) as [$part, $pin]) {
                $pads[] = new Pad('N/C' === strtoupper($net) ? '' : $net, $part, $pin, $row);
            }
        }
        if ([] === $pads) {
            throw new Unreadable('This netlist names no pins. A row needs net, part and pin, or net and pins such as “K11.A1”.');
        }

        return new LayoutNetlist($pads, ['It says nothing of places: distances and faces are not looked at.']);
    }

    /**
     * @return list<array{string, string}>
     */
    private static function ends(ListTable $table, int $row): array
    {
        $part = $table->cell($row, ListColumn::Designator);
        $pin = $table->cell($row, ListColumn::Pin);
        if ('' !== $part && '' !== $pin) {
            return [[$part, $pin]];
        }
        $ends = [];
        foreach (TableText::words($table->cell($row, ListColumn::PartAndPin), ',;') as $end) {
            if (1 === preg_match('/^([^.:\-]+)[.:\-](.+)$/u', $end, $found)) {
                $ends[] = [$found[1], $found[2]];
            }
        }

        return $ends;
    }
}
