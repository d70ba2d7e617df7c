<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
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

/** Two circuits on one board. */
final class TwoCircuits implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.two-circuits',
            version: 2,
            title: 'Two circuits on one board',
            severities: [Severity::Danger],
            reason: 'Two circuits can hang on two phases: neighbours then see 400 V, and switching one off leaves the board live.',
            threshold: 'all of the board on one circuit of the installation',
            basis: Basis::CommonPractice,
            source: 'common practice; local codes decide',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $one = $inspection->board->box?->oneCircuit?->value;
        if (!OnMains::anyHurting($inspection)) {
            return;
        }
        if (null === $one) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether all of it hangs on one circuit',
                Answer::by(StateBox::class, 'oneCircuit'),
            );
        } elseif (false === $one) {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'board',
                'The board hangs on more than one circuit: with one switched off it is still live.',
                proposals: static fn(): array => [new Remedy('Feed all of it from one circuit', new StateBox(oneCircuit: true))],
            );
        } else {
            yield new HoldPoint($this->facts(), 'board', 'All of it hangs on one circuit: with its breaker off, every terminal is dead.');
        }
    }
}
