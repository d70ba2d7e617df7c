<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Lines\StateOnPurpose;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** More lines than a channel takes. */
final class OverCapacity implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.over-capacity',
            version: 1,
            title: 'More lines than a channel takes',
            severities: [Severity::Weak],
            reason: 'A service’s free places end, and the lines beyond them cannot be operated from afar.',
            threshold: 'lines and groups on a channel against its capacity',
            basis: Basis::CommonPractice,
            source: 'common practice; capacity by the part file',
            silentWhen: 'stated on purpose',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->columns as $id => $column) {
            $held = $inspection->controls->held($id);
            if (
                0 === $column->capacity
                || $held <= $column->capacity
                || true === ($inspection->board->channels[$id]->cappedOnPurpose ?? null)
            ) {
                continue;
            }
            $figure = new Figure(
                'places over entries',
                $column->capacity / $held,
                Unit::Ratio,
                'places ÷ entries',
                [sprintf('%d places', $column->capacity), sprintf('%d entries', $held)],
                'groups counted',
                'part file of the channel',
            );
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf('“%s” takes %d entries, and %d are put on it.', $column->title, $column->capacity, $held),
                [$figure],
                static fn(): array => [new Remedy('It is meant so', new StateOnPurpose($id))],
            );
        }
    }
}
