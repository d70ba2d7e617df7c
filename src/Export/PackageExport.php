<?php

declare(strict_types=1);

namespace IronLatch\Export;

/** Everything that leaves the desk, in one archive. */
#[Piece(Folder::First, 'Everything in one archive, with a manifest that says whether it is whole.', isPacked: false)]
final readonly class PackageExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'package.zip';
    }

    public static function title(): string
    {
        return 'Everything, in one package';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile(
            Exports::fileName($handover->board->name . ' package', 'zip'),
            'application/zip',
            Package::archive($handover, Package::files($handover, new Exports())),
        );
    }
}
