<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Papers\LabelStrips;

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
        $page = PageSections::page($handover, 'Labels');
        $made = (null === $handover->revision ? '' : sprintf('revision %d, ', $handover->revision)) . $handover->date;
        foreach (LabelStrips::of($handover->board, $handover->connections(), $made) as $title => $strips) {
            $page->heading($title);
            $page->raw(sprintf('<div class="strips">%s</div>', implode('', array_map(
                static fn(array $strip): string => sprintf(
                    '<span class="strip"><b>%s</b> %s</span>',
                    PrintedPage::text($strip[0]),
                    PrintedPage::text($strip[1]),
                ),
                $strips,
            ))));
        }
        foreach ($handover->remarks('Labels') as $remark) {
            $page->paragraph($remark);
        }

        return new ExportFile('labels.html', 'text/html; charset=utf-8', $page->html());
    }
}
