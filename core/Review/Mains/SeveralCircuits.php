<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Several circuits in one box. */
final class SeveralCircuits implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.several-circuits',
            version: 1,
            title: 'Several circuits in one box',
            severities: [Severity::Danger],
            reason: 'Whoever switches one breaker off believes the box to be dead. Two circuits can also be two phases, '
                . 'with 400 V between neighbours.',
            threshold: 'one circuit in every box where something of the board is wired; verified on each copy',
            basis: Basis::CommonPractice,
            source: 'common practice; local codes decide',
            silentWhen: 'nobody has named a place besides the board’s own, or the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (InHouse::places($inspection) as $id => $place) {
            $circuits = $place->circuits?->value;
            if (is_int($circuits) && $circuits > 1) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('%d circuits come into “%s”: with one breaker off it is still live.', $circuits, $place->name),
                    proposals: static fn(): array => [new Remedy(
                        'Have all but one circuit taken out of it',
                        new StatePlace([$id], circuits: 1),
                    )],
                );
            } elseif (is_int($circuits)) {
                yield new HoldPoint(
                    $this->facts(),
                    $id,
                    sprintf('One circuit comes into “%s”: with its breaker off, all of it is dead.', $place->name),
                );
            } elseif (PlaceKind::Box !== $place->kind) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'how many circuits come into it',
                    Answer::by(StatePlace::class, 'circuits', $id),
                );
            }
        }
    }
}
