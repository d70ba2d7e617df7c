<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\WiringCsv;

/** What is measured on the dead board before any power. */
#[Piece(Folder::Checks, 'What is measured on the dead board before any power, with what each reading means.')]
final readonly class ContinuityListExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'continuity';
    }

    public static function title(): string
    {
        return 'Continuity list';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();

        return new ExportFile(
            Exports::fileName($handover->board->name . ' continuity', 'csv'),
            'text/csv; charset=utf-8',
            (new WiringCsv($handover->board, $connections, $handover->remarks('Continuity list')))
                ->continuity($handover->inspection->readings()),
        );
    }
}
