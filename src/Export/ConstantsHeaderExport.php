<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Review\Inspection;

/** The constants of the program as a header for C++. */
final readonly class ConstantsHeaderExport implements Export
{
    public static function name(): string
    {
        return 'constants.h';
    }

    public static function title(): string
    {
        return 'Constants, header for C++';
    }

    public function subjects(Inspection $inspection): array
    {
        return [''];
    }

    public function file(Handover $handover, string $subject): ?ExportFile
    {
        return '' !== $subject ? null : new ExportFile('board.h', 'text/plain; charset=utf-8', ConstantsFile::header(
            Constants::of($handover->inspection),
            $handover->remarks('Constants'),
            Headline::besideLines($handover->board, $handover->report),
        ));
    }
}
