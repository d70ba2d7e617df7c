<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Papers\LabelStrips;
use IronLatch\Export\Paper\Page;
use IronLatch\Export\Paper\Sections;

/** Strips to cut and stick on. */
#[Piece(Folder::Build, 'Strips for both ends of each wire, terminals, lines, fuse and box, to cut and stick on.')]
final readonly class LabelsExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'labels';
    }

    public static function title(): string
    {
        return 'Labels';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $page = Sections::page($handover, 'Labels');
        $made = implode(', ', array_filter([null === $handover->revision ? '' : 'revision ' . $handover->revision, $handover->date]));
        foreach (LabelStrips::of($handover->board, $handover->connections(), $made) as $title => $strips) {
            $page->heading($title);
            $page->raw(sprintf('<div class="strips">%s</div>', implode('', array_map(
                static fn(array $strip): string => sprintf('<span class="strip"><b>%s</b> %s</span>', ...array_map(Page::text(...), $strip)),
                $strips,
            ))));
        }
        foreach ($handover->remarks('Labels') as $remark) {
            $page->paragraph($remark);
        }

        return new ExportFile('labels.html', 'text/html; charset=utf-8', $page->html());
    }
}
