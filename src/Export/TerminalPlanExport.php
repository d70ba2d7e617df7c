<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\WiringCsv;

/** Every clamp and pin with its conductors and its torque. */
#[Piece(Folder::Wiring, 'Which wires come to which terminal, and how tight.')]
final readonly class TerminalPlanExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'terminals';
    }

    public static function title(): string
    {
        return 'Terminal plan';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();

        return new ExportFile(
            Exports::fileName($handover->board->name . ' terminals', 'csv'),
            'text/csv; charset=utf-8',
            (new WiringCsv($handover->board, $connections, $handover->remarks('Terminal plan')))->terminals(),
        );
    }
}
