<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\ConstantsFile;

/** The constants of the program as keys and values. */
#[Piece(Folder::Program, 'The same constants as keys and values.')]
final readonly class ConstantsKeysExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'constants.env';
    }

    public static function title(): string
    {
        return 'Constants, keys and values';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile('board.env', 'text/plain; charset=utf-8', ConstantsFile::keyValues(...$handover->constants()));
    }
}
