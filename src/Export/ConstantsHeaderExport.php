<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\ConstantsFile;

/** The constants of the program as a header for C++. */
#[Piece(Folder::Program, 'Pins, levels, codes and names as constants of C++, for a program of your own.')]
final readonly class ConstantsHeaderExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'constants.h';
    }

    public static function title(): string
    {
        return 'Constants, header for C++';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile('board.h', 'text/plain; charset=utf-8', ConstantsFile::header(...$handover->constants()));
    }
}
