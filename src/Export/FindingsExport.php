<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Csv;

/** Every finding with its figure, and every check that lacks a fact, as CSV after RFC 4180: to sort, to share, to tick off. */
#[Piece(Folder::Checks, 'Every finding with its figure, and every check that lacks a fact.', isForOthers: false)]
final readonly class FindingsExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'findings';
    }

    public static function title(): string
    {
        return 'Findings and gaps';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        $rows = [
            ...array_map(static fn(string $remark): array => [$remark], $handover->remarks('Findings')),
            ['Stage', 'Severity', 'About', 'Statement', 'Figure', 'State', 'Rule'],
        ];
        foreach ($handover->report->findings as $finding) {
            $rows[] = [
                $finding->rule->stage->value,
                $finding->severity->value,
                $handover->board->nameOf($finding->subject),
                $finding->statement,
                $finding->figure(),
                match (true) {
                    null !== $finding->acceptance => 'accepted',
                    null !== $finding->root => 'only follows',
                    default => 'open',
                },
                $finding->rule->id,
            ];
        }
        foreach ($handover->report->notChecked as $gap) {
            $rows[] = [
                $gap->rule->stage->value,
                'not checked',
                $handover->board->nameOf($gap->subject),
                sprintf('%s; needs %s', $gap->rule->title, $gap->needs),
                '',
                'open',
                $gap->rule->id,
            ];
        }

        return new ExportFile(
            Exports::fileName($handover->board->name . ' findings', 'csv'),
            'text/csv; charset=utf-8',
            Csv::write($rows),
        );
    }
}
