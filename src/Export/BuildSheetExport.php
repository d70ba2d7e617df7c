<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Papers\BuildSheet;

/** The steps of building a copy, each with its wires and readings. */
#[Piece(Folder::Build, 'How a copy is built, step by step, with the wires and readings of each.')]
final readonly class BuildSheetExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'build.sheet';
    }

    public static function title(): string
    {
        return 'Build sheet';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $page = PageSections::page($handover, 'Build sheet');
        $page->caution(PageSections::MAINS);
        foreach (array_slice($handover->remarks('Build sheet'), 0, 2) as $remark) {
            $page->paragraph($remark);
        }
        $page->points($handover->connections()->notes);
        foreach (BuildSheet::of($handover->inspection, $handover->report) as $place => $step) {
            PageSections::step($page, $handover, $place + 1, $step);
        }
        foreach (array_slice($handover->remarks('Build sheet'), 2) as $remark) {
            $page->paragraph($remark);
        }

        return new ExportFile('build-sheet.html', 'text/html; charset=utf-8', $page->html());
    }
}
