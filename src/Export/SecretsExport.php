<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Review\Inspection;

/** Placeholders for what no board file holds; what is filled in never comes back here. */
final readonly class SecretsExport implements Export
{
    public static function name(): string
    {
        return 'secrets.h';
    }

    public static function title(): string
    {
        return 'Placeholders for secrets';
    }

    public function subjects(Inspection $inspection): array
    {
        return [''];
    }

    public function file(Handover $handover, string $subject): ?ExportFile
    {
        return '' !== $subject
            ? null
            : new ExportFile('secrets.example.h', 'text/plain; charset=utf-8', Secrets::header($handover->board));
    }
}
