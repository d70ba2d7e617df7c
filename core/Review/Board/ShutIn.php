<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Terminal whose wires run into other parts. */
final class ShutIn implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.shut-in',
            version: 1,
            title: 'Terminal that does not lie at an edge',
            severities: [Severity::Weak],
            reason: 'A wire that has to bend over other parts presses on them, and mains wires end up above low voltage.',
            threshold: 'nothing lies before a terminal up to the edge of the plan',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nobody has said how it is built',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->layout()?->shutIn() ?? [] as [$laid, $other]) {
            if (!$laid->part->antenna) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $laid->part->id,
                    sprintf('The wires of %s (%s) run into %s.', $laid->part->id, $laid->part->name, $other->part->id),
                    proposals: static fn(): array => Layouts::remedies($inspection),
                );
            }
        }
    }
}
