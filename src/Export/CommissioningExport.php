<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Log\Commissioning;
use IronLatch\Core\Log\CommissioningStep;
use IronLatch\Core\Log\Phase;

/** The walk of a copy into use, to be ticked on paper. */
#[Piece(Folder::Build, 'How a copy is put into use: what is looked at, measured and verified, with what a sound one reads.')]
final readonly class CommissioningExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'commissioning.sheet';
    }

    public static function title(): string
    {
        return 'Commissioning sheet';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $page = PageSections::page($handover, 'Commissioning');
        $page->caution(PageSections::MAINS);
        $remarks = $handover->remarks(self::title());
        foreach (array_slice($remarks, 0, 2) as $remark) {
            $page->paragraph($remark);
        }
        $page->paragraph('Serial: ____________________   Begun: ____________________   By: ____________________');
        $steps = Commissioning::of($handover->inspection, $handover->report);
        foreach (Phase::cases() as $phase) {
            $of = array_values(array_filter($steps, static fn(CommissioningStep $step): bool => $step->phase === $phase));
            if ([] === $of) {
                continue;
            }
            $page->heading($phase->value);
            $page->caution($phase->caution());
            $page->table(
                'As it should be: tick; else write what is read',
                ['Step', 'What is done', 'A sound copy reads', Phase::Verify === $phase ? 'By' : 'Read'],
                array_map(
                    static fn(CommissioningStep $step): array => [$step->title, $step->does, $step->expected?->words() ?? '', ''],
                    $of,
                ),
                [Phase::Verify === $phase ? 'By' : 'Read'],
            );
        }
        foreach (array_slice($remarks, 2) as $remark) {
            $page->paragraph($remark);
        }

        return new ExportFile('commissioning.html', 'text/html; charset=utf-8', $page->html());
    }
}
