<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Surface;
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
            version: 2,
            title: 'Feedback promised over a one-way link',
            severities: [Severity::Weak],
            reason: 'What only takes commands cannot show what became of them. Whoever looks there for the state sees his own last wish.',
            threshold: 'surfaces of which somebody relies on the state, against every hop of the way back',
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
                        self::words($inspection, $line->name, $id, $surface),
                        proposals: static fn(): array => [new Remedy(
                            'Promise no state there',
                            TellSurface::keeping($id, $surface, promisesFeedback: false),
                        )],
                    );
                }
            }
        }
    }

    private static function words(Inspection $inspection, string $line, string $id, Surface $surface): string
    {
        $route = $inspection->controls->routes[$inspection->controls->entries[$id]->column] ?? null;
        $deaf = $route?->deafHop();

        return null === $route || null === $deaf || null === $route->next()
            ? sprintf('“%s” is to show its state by its %s, which only takes commands.', $line, $surface->kind->value)
            : sprintf(
                '“%s” is to show its state on “%s”, and on the way back “%s” lets none through.',
                $line,
                $route->hops[0]->channel->name,
                $deaf->channel->name,
            );
    }
}
