<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\Firmware\ProgramFiles;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\RuleBook;

/** The program of the board with all that it is built of, as one archive. */
#[Piece(Folder::Program, 'The program, ready to build, with the trial of the wiring.')]
final readonly class ProgramExport implements Export
{
    public static function name(): string
    {
        return 'program.zip';
    }

    public static function title(): string
    {
        return 'Program, ready to build';
    }

    public function subjects(Inspection $inspection): array
    {
        return ProgramFiles::isFor($inspection) ? [''] : [];
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile('program.zip', 'application/zip', Archive::of(self::files($handover), $handover->date));
    }

    /**
     * @return array<string, string> texts by path
     */
    public static function files(Handover $handover): array
    {
        [, , $beside] = $handover->constants();
        $root = dirname(__DIR__, 2) . '/firmware/';
        $files = ProgramFiles::own(
            $handover->inspection,
            $handover->remarks('Program'),
            $beside,
            self::stamp($handover),
            self::panel(),
        );
        foreach (ProgramFiles::shared($handover->inspection) as $place => $folders) {
            foreach ($folders as $folder) {
                foreach ((array) glob("$root$folder/*.{h,cpp}", GLOB_BRACE) as $file) {
                    $path = "$place$folder/" . basename((string) $file);
                    if (ProgramFiles::isWanted($handover->inspection, $path)) {
                        $files[$path] = (string) file_get_contents((string) $file);
                    }
                }
            }
        }
        ksort($files);

        return $files;
    }

    /** The page of the hand panel, before anything of a board is in it. */
    public static function panel(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2) . '/firmware/panel/panel.html');
    }

    /** What runs where: board, revision, the document’s hash, date, rule book, latches. */
    public static function stamp(Handover $handover): string
    {
        return $handover->stamp ?? implode(', ', array_filter([
            $handover->board->name,
            null === $handover->revision ? '' : 'revision ' . $handover->revision,
            substr(hash('sha256', BoardJson::write($handover->board)), 0, 12),
            $handover->date,
            'rule book ' . RuleBook::VERSION,
            $handover->report->isLatched() ? 'latched' : 'not latched',
        ], static fn(string $part): bool => '' !== $part));
    }
}
