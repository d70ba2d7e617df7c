<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\PinListCsv;

/** Every pin with what sits on it, as CSV after RFC 4180. */
#[Piece(Folder::Wiring, 'What sits on which pin, by both of its names.')]
final readonly class PinListExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'pins';
    }

    public static function title(): string
    {
        return 'Pin list';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile(
            Exports::fileName($handover->board->name . ' pins', 'csv'),
            'text/csv; charset=utf-8',
            PinListCsv::write($handover->board, $handover->report, $handover->date),
        );
    }
}
