<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\WiringCsv;

/** Every wire from end to end, in the order of the work. */
#[Piece(Folder::Wiring, 'Every wire from end to end, in the order of the work.')]
final readonly class WireListExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'wires';
    }

    public static function title(): string
    {
        return 'Wiring list';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();

        return new ExportFile(
            Exports::fileName($handover->board->name . ' wires', 'csv'),
            'text/csv; charset=utf-8',
            (new WiringCsv($handover->board, $connections, $handover->remarks('Wiring list')))->wires(),
        );
    }
}
