<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Part that has no place on the plan. */
final class NoPlaceYet implements Rule
{
    private const MOST_NAMED = 6;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.no-place',
            version: 1,
            title: 'Part that has no place on the plan',
            severities: [Severity::Weak],
            reason: 'Whether all of it fits, and whether mains keeps away from the rest, is known only of what lies on a '
                . 'plan.',
            threshold: 'every part of the box has a place',
            basis: Basis::CommonPractice,
            source: 'the definition of a plan',
            silentWhen: 'nobody has said how large the box is',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $layout = $inspection->layout();
        if (null === $layout) {
            yield new NotChecked($this->facts(), 'board', 'how it is built', Answer::by(StateBuild::class, 'form'));

            return;
        }
        // Without a box there is no plan to lie on: that it is not known is said by the check of what fits.
        $missing = null === $layout->space ? [] : $layout->unplaced();
        if ([] === $missing) {
            return;
        }
        $named = implode(', ', array_slice($missing, 0, self::MOST_NAMED));
        $more = count($missing) > self::MOST_NAMED ? sprintf(' and %d more', count($missing) - self::MOST_NAMED) : '';
        yield new Finding(
            $this->facts(),
            Severity::Weak,
            'board',
            match (true) {
                1 === count($missing) => sprintf('One part has no place on the plan yet: %s.', $named),
                count($missing) === count($layout->parts) => sprintf('None of the %d parts lies on the plan yet.', count($missing)),
                default => sprintf('Some parts have no place on the plan yet: %s%s.', $named, $more),
            },
            proposals: static fn(): array => Layouts::remedies($inspection),
        );
    }
}
