<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Bench\TrialResult;
use IronLatch\Core\Bench\TrialVerdict;
use IronLatch\Core\Exchange\TrialPaper;
use IronLatch\Core\Review\Inspection;

/** What stands in one field of the drawn trial: how many passed, how many are out of reach, and each that failed. */
final readonly class TrialMark
{
    /**
     * @param array<int, string> $failed what was tried and how it failed, by the place of the cell
     */
    private function __construct(public int $passed, public int $away, public array $failed) {}

    /**
     * @param array<int, TrialResult> $results by place
     */
    public static function of(Inspection $inspection, array $results): self
    {
        $passed = $away = 0;
        $failed = [];
        foreach ($results as $place => $one) {
            match ($one->verdict) {
                TrialVerdict::Passes => ++$passed,
                TrialVerdict::OutOfReach => ++$away,
                default => $failed[$place] = sprintf(
                    '%s: %s',
                    $one->verdict->value,
                    TrialPaper::title($inspection->board, $inspection->controls, $one),
                ),
            };
        }

        return new self($passed, $away, $failed);
    }
}
