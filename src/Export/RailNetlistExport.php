<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;
use IronLatch\View\PowerDrawing;

/** A rail over time as a SPICE netlist, at one event and one corner. */
#[Piece(Folder::Layout, 'The load of one rail for a circuit simulator.')]
final readonly class RailNetlistExport implements Export
{
    public static function name(): string
    {
        return 'rail';
    }

    public static function title(): string
    {
        return 'Netlist of a rail';
    }

    public function subjects(Inspection $inspection): array
    {
        return array_keys($inspection->board->rails);
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        [$title, $rest] = [...explode("\n", (new PowerDrawing($handover->inspection))->netlist(
            $subject,
            $handover->wishes['event'] ?? 'pull-in',
            'typical' !== ($handover->wishes['corner'] ?? ''),
        ), 2), ''];

        return new ExportFile(
            sprintf('rail-%s.cir', strtolower($subject)),
            'text/plain; charset=utf-8',
            $title . "\n" . $handover->netlistHead() . $rest,
        );
    }
}
