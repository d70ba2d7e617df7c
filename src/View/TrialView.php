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
     * @param list<array{verdict: string, words: string, titles: list<string>}> $failures
     * @param int $done of all cells
     */
    private function __construct(public TrialReport $report, public array $kinds, public array $failures, public int $done) {}

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
        foreach ($report->failures() as $one) {
            $key = $one->verdict->value . ' ' . $one->words;
            $failures[$key] ??= ['verdict' => $one->verdict->value, 'words' => $one->words, 'titles' => []];
            $failures[$key]['titles'][] = TrialPaper::title($inspection->board, $inspection->controls, $one);
        }

        return new self($report, $kinds, array_values($failures), count($report->results));
    }
}
