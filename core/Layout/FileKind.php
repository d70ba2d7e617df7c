<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** What came back. */
enum FileKind: string
{
    case Netlist = 'netlist';
    case Parts = 'parts list';
    case Placement = 'placement list';

    public static function of(ListTable $table): self
    {
        return match (true) {
            NetTable::isOne($table) => self::Netlist,
            $table->has(ListColumn::Designator) && $table->has(ListColumn::X, ListColumn::Y) => self::Placement,
            $table->has(ListColumn::Designator) => self::Parts,
            default => throw new Unreadable('This list names no parts: say under “columns” which of its columns holds the designators.'),
        };
    }
}
