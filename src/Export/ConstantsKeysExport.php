<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Review\Inspection;

/** The constants of the program as keys and values. */
final readonly class ConstantsKeysExport implements Export
{
    public static function name(): string
    {
        return 'constants.env';
    }

    public static function title(): string
    {
        return 'Constants, keys and values';
    }

    public function subjects(Inspection $inspection): array
    {
        return [''];
    }

    public function file(Handover $handover, string $subject): ?ExportFile
    {
        return '' !== $subject ? null : new ExportFile('board.env', 'text/plain; charset=utf-8', ConstantsFile::keyValues(
            Constants::of($handover->inspection),
            $handover->remarks('Constants'),
            Headline::besideLines($handover->board, $handover->report),
        ));
    }
}
