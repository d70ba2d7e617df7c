<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Review\Inspection;

/** A set-up sheet: what to enter where, for one way to operate the board, as CSV. */
#[Piece(Folder::SetUp, 'What to enter where, for one way to operate the board.')]
final readonly class SheetExport implements Export
{
    public static function name(): string
    {
        return 'sheet';
    }

    public static function title(): string
    {
        return 'Set-up sheet';
    }

    public function subjects(Inspection $inspection): array
    {
        return array_map(strval(...), array_keys(SetUpSheet::all($inspection)));
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $sheet = SetUpSheet::all($handover->inspection, $handover->report)[$subject];

        return new ExportFile(
            'set-up-' . strtolower($subject) . '.csv',
            'text/csv; charset=utf-8',
            $sheet->csv($handover->remarks('Set-up of ' . $sheet->title)),
        );
    }
}
