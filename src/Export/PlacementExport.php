<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Build\OrderLists;
use IronLatch\Core\Exchange\Csv;

/** Placement list, in the columns that the chosen terms ask for; what it rests on stands below. */
#[Piece(Folder::Parts, 'Where an assembler places what, and how it is turned.', isForOthers: false)]
final readonly class PlacementExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'order.placement';
    }

    public static function title(): string
    {
        return 'Placement list';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $lists = OrderLists::of($handover->board, $handover->inspection->partsList(), $handover->inspection->layout());

        return new ExportFile(
            Exports::fileName($handover->board->name . ' placement', 'csv'),
            'text/csv; charset=utf-8',
            Csv::write([
                ...$lists->placement,
                ...array_map(static fn(string $remark): array => [$remark], $handover->remarks(self::title())),
            ]),
        );
    }
}
