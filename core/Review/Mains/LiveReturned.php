<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateTwoWay;
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

/** A live that comes back by another path. */
final class LiveReturned implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.live-returned',
            version: 1,
            title: 'Two-way circuit whose live comes or goes by another path',
            severities: [Severity::Danger],
            reason: 'A core is saved by taking the live from the next circuit, or by sending it back through another line. Then a breaker '
                . 'that is off leaves the switch live, and no residual-current device stays in.',
            threshold: 'live, travellers and switched live of a two-way circuit in its own cables, from one circuit; verified on each copy',
            basis: Basis::CommonPractice,
            source: 'common practice; local codes decide',
            silentWhen: 'no line is one end of a two-way circuit',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::hurting($inspection) as $id => $line) {
            if (null === $line->twoWay) {
                continue;
            }
            $returned = $line->twoWay->liveReturned?->value;
            if (null === $returned) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'by which way its live comes and goes',
                    Answer::by(StateTwoWay::class, 'liveReturned', $id),
                );
            } elseif (true === $returned) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        'The live of “%s” comes or goes by another line or circuit: with its own breaker off the switch is live.',
                        $line->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Have it run in cables of its own, from one circuit',
                        new StateTwoWay([$id], liveReturned: false),
                    )],
                );
            } else {
                yield new HoldPoint($this->facts(), $id, sprintf(
                    'Live, travellers and switched live of “%s” run in its own cables: with its breaker off, every switch of it is dead.',
                    $line->name,
                ));
            }
        }
    }
}
