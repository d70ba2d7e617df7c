<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Feedback promised over a one-way link. */
final class FeedbackOneWay implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.feedback-one-way',
            version: 1,
            title: 'Feedback promised over a one-way link',
            severities: [Severity::Weak],
            reason: 'What only takes commands cannot show what became of them. Whoever looks there for the state sees his own last wish.',
            threshold: 'surfaces of which somebody relies on the state, against the direction of their link',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $line) {
            foreach ($line->surfaces as $id => $surface) {
                if ($surface->promisesFeedback && !$inspection->controls->entries[$id]->direction->tellsState()) {
                    yield new Finding(
                        $this->facts(),
                        Severity::Weak,
                        $id,
                        sprintf('“%s” is to show its state by its %s, which only takes commands.', $line->name, $surface->kind->value),
                        proposals: static fn(): array => [new Remedy(
                            'Promise no state there',
                            TellSurface::keeping($id, $surface, promisesFeedback: false),
                        )],
                    );
                }
            }
        }
    }
}
