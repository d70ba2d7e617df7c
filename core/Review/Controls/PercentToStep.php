<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Threshold;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Percentages that do not lead to the steps. */
final class PercentToStep implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.percent-to-step',
            version: 1,
            title: 'Percentages that do not lead to the steps',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A fan whose top step begins beyond 100 % never reaches it; one whose lowest begins at 0 % is never off. Cut-off '
                . 'whole numbers reach the top at exactly 100 %.',
            threshold: 'thresholds of the steps: more than 0 %, rising, as many as there are steps, the last at 100 % or less; weak: at '
                . 'exactly 100 %',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'the derived table is used',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $lineId => $line) {
            $steps = count($inspection->board->stepsOf($lineId)?->steps() ?? []);
            foreach ($line->surfaces as $id => $surface) {
                $percent = array_map(static fn(Threshold $one): int => $one->percent, $surface->thresholds);
                if ([] === $percent || 0 === $steps) {
                    continue;
                }
                $last = $percent[count($percent) - 1];
                $sorted = $percent;
                sort($sorted);
                [$kind, $words] = match (true) {
                    $percent[0] <= 0 => [Severity::Broken, sprintf('“%s” is never off: its lowest step begins at 0 %%.', $line->name)],
                    count($percent) < $steps, $last > 100 => [
                        Severity::Broken,
                        sprintf(
                            '“%s” never reaches its top step: %s.',
                            $line->name,
                            $last > 100 ? sprintf('it begins at %d %%', $last) : sprintf(
                                '%d of %d steps have a percentage',
                                count($percent),
                                $steps,
                            ),
                        ),
                    ],
                    $sorted !== $percent || count(array_unique($percent)) < count($percent) || count($percent) > $steps => [
                        Severity::Broken,
                        sprintf('The steps of “%s” do not rise with the percentage.', $line->name),
                    ],
                    100 === $last => [Severity::Weak, sprintf('“%s” reaches its top step at exactly 100 %% only.', $line->name)],
                    default => [null, ''],
                };
                if (null !== $kind) {
                    yield new Finding(
                        $this->facts(),
                        $kind,
                        $id,
                        $words,
                        proposals: static fn(): array => [new Remedy('Use the derived table', new SetThresholds($id))],
                    );
                }
            }
        }
    }
}
