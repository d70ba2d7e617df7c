<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Build\OrderLists;
use IronLatch\Core\Exchange\Csv;

/** Parts for an order, in the columns that the chosen terms ask for; what it rests on stands below. */
#[Piece(Folder::Parts, 'What an assembler is to place, by value and package.', isForOthers: false)]
final readonly class OrderPartsExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'order.parts';
    }

    public static function title(): string
    {
        return 'Parts for an order';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $lists = OrderLists::of($handover->board, $handover->inspection->partsList(), $handover->inspection->layout());

        return new ExportFile(
            Exports::fileName($handover->board->name . ' order parts', 'csv'),
            'text/csv; charset=utf-8',
            Csv::write([
                ...$lists->parts,
                ...array_map(static fn(string $remark): array => [$remark], $handover->remarks(self::title())),
            ]),
        );
    }
}
