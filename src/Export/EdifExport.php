<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Netlist\Edif;

/** Everything that is joined to anything, for a layout desk. */
#[Piece(Folder::Layout, 'Parts and nets for a layout program that reads EDIF.')]
final readonly class EdifExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'edif';
    }

    public static function title(): string
    {
        return 'Netlist, EDIF 2 0 0';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $connections = $handover->connections();

        return new ExportFile(
            Exports::fileName($handover->board->name . ' netlist', 'edif'),
            'application/edif; charset=utf-8',
            Edif::write($connections, $handover->board->name, $handover->remarks('Netlist')),
        );
    }
}
