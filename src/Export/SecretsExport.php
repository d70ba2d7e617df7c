<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Secrets;

/** Placeholders for what no board file holds; what is filled in never comes back here. */
#[Piece(Folder::SetUp, 'What each copy fills in for itself: placeholders, and nothing else.')]
final readonly class SecretsExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'secrets.h';
    }

    public static function title(): string
    {
        return 'Placeholders for secrets';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile('secrets.example.h', 'text/plain; charset=utf-8', Secrets::header($handover->board));
    }
}
