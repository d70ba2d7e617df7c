<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\WiringCsv;

/** How many wires of which colour and size. */
#[Piece(Folder::Wiring, 'How much wire of which colour and size is cut.')]
final readonly class CuttingListExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'cutting';
    }

    public static function title(): string
    {
        return 'Cutting list';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();

        return new ExportFile(
            Exports::fileName($handover->board->name . ' cutting', 'csv'),
            'text/csv; charset=utf-8',
            (new WiringCsv($handover->board, $connections, $handover->remarks('Cutting list')))->cutting(),
        );
    }
}
