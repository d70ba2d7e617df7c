<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Papers\FirstPage;

/** The first page of the package. */
#[Piece(Folder::First, 'What it is, how its latches stand, and what all of it rests on.', isForOthers: false)]
final readonly class FirstPageExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'first.page';
    }

    public static function title(): string
    {
        return 'First page';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $page = PageSections::page($handover, 'First page');
        $page->caution(PageSections::MAINS);
        foreach (array_slice($handover->remarks('Everything'), 0, 1) as $remark) {
            $page->paragraph($remark);
        }
        $page->paragraph(sprintf('It runs the program that says: %s', ProgramExport::stamp($handover)));
        PageSections::state($page, FirstPage::of($handover->board, $handover->report));

        return new ExportFile('read-first.html', 'text/html; charset=utf-8', $page->html());
    }
}
