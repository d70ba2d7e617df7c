<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\PartsCsv;

/** What is to be bought. */
#[Piece(Folder::Parts, 'Every part with its rating and price.', isForOthers: false)]
final readonly class PartsListExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'parts';
    }

    public static function title(): string
    {
        return 'Parts list';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile(
            Exports::fileName($handover->board->name . ' parts', 'csv'),
            'text/csv; charset=utf-8',
            PartsCsv::of($handover->inspection->partsList(), $handover->remarks('Parts list')),
        );
    }
}
