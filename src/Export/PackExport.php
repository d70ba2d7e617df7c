<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Papers\FirstPage;
use IronLatch\Core\Exchange\Papers\HandedOn;
use IronLatch\Core\Exchange\Secrets;

/** What goes along with a board that is given or sold: nothing of its maker’s secrets, names, prices or notes. */
#[Piece(Folder::First, 'What goes along with a board that is given or sold: what is ready, and what remains.', isPacked: false)]
final readonly class PackExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'pack.zip';
    }

    public static function title(): string
    {
        return 'Pack for somebody else';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $others = $handover->forOthers();
        $files = Package::files($others, new Exports(), isForOthers: true);
        $files['read-first.html'] = self::page($others);

        return new ExportFile(
            Exports::fileName($handover->board->name . ' pack', 'zip'),
            'application/zip',
            Package::archive($others, $files),
        );
    }

    private static function page(Handover $handover): string
    {
        $page = PageSections::page($handover, 'For whoever gets it');
        $page->caution(PageSections::MAINS);
        $page->paragraph(sprintf('It belongs to one program alone, which says when it starts: %s', ProgramExport::stamp($handover)));
        $page->heading('What is ready');
        $page->points(HandedOn::ready($handover->board, $handover->report, $handover->trial));
        $page->heading('What remains to be done, by you');
        $page->points(HandedOn::remains($handover->board, $handover->report), true);
        $secrets = Secrets::names($handover->board);
        $page->heading('Secrets of your own');
        $page->paragraph('They are yours alone: enter them in secrets.h, which goes nowhere else. Those of whoever built it are not here.');
        $page->points($secrets, true);
        PageSections::state($page, FirstPage::of($handover->board, $handover->report, isForOthers: true));
        $page->heading('Whoever connects it');
        $page->points(HandedOn::connects($handover->board), true);
        $page->heading('Whoever sells it is its manufacturer');
        $page->paragraph('A board that is sold, or given away in the course of business, is a product. What is missing for that:');
        $page->points(HandedOn::missingForSale($handover->board), true);

        return $page->html();
    }
}
