<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Netlist\NetlistCsv;

/** The same as rows of net, part and pin. */
#[Piece(Folder::Layout, 'Parts and nets as a plain table.')]
final readonly class NetlistCsvExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'nets';
    }

    public static function title(): string
    {
        return 'Netlist as CSV';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();

        return new ExportFile(
            Exports::fileName($handover->board->name . ' nets', 'csv'),
            'text/csv; charset=utf-8',
            NetlistCsv::write($connections, $handover->remarks('Netlist')),
        );
    }
}
