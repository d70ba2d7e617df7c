<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Bench\TrialKind;
use IronLatch\Core\Bench\TrialReport;
use IronLatch\Core\Bench\TrialResult;
use IronLatch\Core\Bench\TrialVerdict;
use IronLatch\Core\Exchange\TrialPaper;
use IronLatch\Core\Review\Inspection;

/** A trial as it is shown: counts by what was tried, and everything that failed, alike failures folded into one row. */
final readonly class TrialView
{
    /**
     * @param array<string, array{tried: int, failed: int, away: int}> $kinds
     * @param list<array{verdict: string, words: string, titles: array<int, string>}> $failures by the place of the cell
     * @param int $done of all cells
     * @param list<string> $outages columns of the first table: nothing gone, then each thing that can be
     * @param array<string, array<string, list<TrialMark>>> $surfaces by line and surface, one for each column
     * @param list<string> $others columns of the second table: what else was tried
     * @param array<string, list<TrialMark>> $lines by line, one for each column
     */
    private function __construct(
        public TrialReport $report,
        public array $kinds,
        public array $failures,
        public int $done,
        public array $outages,
        public array $surfaces,
        public array $others,
        public array $lines,
    ) {}

    public static function of(Inspection $inspection, TrialReport $report): self
    {
        $kinds = $failures = [];
        foreach (TrialKind::cases() as $kind) {
            $own = array_filter($report->results, static fn(TrialResult $one): bool => $one->cell->kind === $kind);
            if ([] !== $own) {
                $kinds[$kind->value] = [
                    'tried' => count($own),
                    'failed' => count(array_filter($own, static fn(TrialResult $one): bool => $one->verdict->fails())),
                    'away' => count(array_filter($own, static fn(TrialResult $one): bool => TrialVerdict::OutOfReach === $one->verdict)),
                ];
            }
        }
        foreach ($report->results as $place => $one) {
            if ($one->verdict->fails()) {
                $key = $one->verdict->value . ' ' . $one->words;
                $failures[$key] ??= ['verdict' => $one->verdict->value, 'words' => $one->words, 'titles' => []];
                $failures[$key]['titles'][$place] = TrialPaper::title($inspection->board, $inspection->controls, $one);
            }
        }
        [$outages, $surfaces] = self::ofSurfaces($inspection, $report);
        [$others, $lines] = self::ofLines($inspection, $report);

        return new self($report, $kinds, array_values($failures), count($report->results), $outages, $surfaces, $others, $lines);
    }

    /**
     * @return array{list<string>, array<string, array<string, list<TrialMark>>>}
     */
    private static function ofSurfaces(Inspection $inspection, TrialReport $report): array
    {
        $all = $columns = [];
        foreach ($report->results as $place => $one) {
            if (TrialKind::Surface === $one->cell->kind) {
                $column = $one->cell->outage?->short() ?? 'all well';
                $columns[$column] = $column;
                $line = $inspection->board->lines[$one->cell->line]->name ?? 'the board';
                $all[$line][TrialPaper::by($inspection->board, $inspection->controls, $one->cell)][$column][$place] = $one;
            }
        }
        $marks = [];
        foreach ($all as $line => $surfaces) {
            foreach ($surfaces as $surface => $cells) {
                $marks[$line][$surface] = self::marks($inspection, $cells, $columns);
            }
        }

        return [array_values($columns), $marks];
    }

    /**
     * @return array{list<string>, array<string, list<TrialMark>>}
     */
    private static function ofLines(Inspection $inspection, TrialReport $report): array
    {
        $all = $columns = [];
        foreach ($report->results as $place => $one) {
            if (TrialKind::Surface !== $one->cell->kind) {
                $columns[$one->cell->kind->value] = $one->cell->kind->value;
                $line = $inspection->board->lines[$one->cell->line]->name ?? 'the board';
                $all[$line][$one->cell->kind->value][$place] = $one;
            }
        }

        return [
            array_values($columns),
            array_map(static fn(array $cells): array => self::marks($inspection, $cells, $columns), $all),
        ];
    }

    /**
     * @param array<string, array<int, TrialResult>> $cells by column and place
     * @param array<string, string> $columns
     * @return list<TrialMark>
     */
    private static function marks(Inspection $inspection, array $cells, array $columns): array
    {
        return array_map(
            static fn(string $column): TrialMark => TrialMark::of($inspection, $cells[$column] ?? []),
            array_values($columns),
        );
    }
}
