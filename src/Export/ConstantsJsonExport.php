<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Review\Inspection;

/** The constants of the program as JSON. */
final readonly class ConstantsJsonExport implements Export
{
    public static function name(): string
    {
        return 'constants.json';
    }

    public static function title(): string
    {
        return 'Constants, JSON';
    }

    public function subjects(Inspection $inspection): array
    {
        return [''];
    }

    public function file(Handover $handover, string $subject): ?ExportFile
    {
        return '' !== $subject ? null : new ExportFile('constants.json', 'application/json', ConstantsFile::json(
            Constants::of($handover->inspection),
            $handover->remarks('Constants'),
            Headline::besideLines($handover->board, $handover->report),
        ));
    }
}
