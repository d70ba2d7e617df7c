<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\ConstantsFile;

/** The constants of the program as JSON. */
#[Piece(Folder::Program, 'The same constants as JSON, for other tools.')]
final readonly class ConstantsJsonExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'constants.json';
    }

    public static function title(): string
    {
        return 'Constants, JSON';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile('constants.json', 'application/json', ConstantsFile::json(...$handover->constants()));
    }
}
