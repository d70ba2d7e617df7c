<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\SetUpSheet;

/** All set-up sheets in the order in which they are followed, as one file. */
#[Piece(Folder::SetUp, 'The steps of all hops in the order in which they are followed.')]
final readonly class SetUpExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'setup';
    }

    public static function title(): string
    {
        return 'Set-up of all hops, CSV';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile('set-up.csv', 'text/csv; charset=utf-8', SetUpSheet::allCsv(
            SetUpSheet::all($handover->inspection, $handover->report),
            $handover->remarks('Set-up'),
        ));
    }
}
