<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Neutral switched alone. */
final class NeutralSwitched implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.neutral-switched',
            version: 1,
            title: 'Neutral switched alone',
            severities: [Severity::Danger],
            reason: 'A contact in the neutral leaves the appliance live while it is “off”. Touching its inside then is touching live.',
            threshold: 'the contact interrupts the live conductor, or both',
            basis: Basis::CommonPractice,
            source: 'wiring practice; local codes and a licensed electrician decide',
            silentWhen: 'the appliance runs from low DC voltage',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::hurting($inspection) as $id => $line) {
            if (!$line->conductor->isKnown()) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'which conductor the contact interrupts',
                    Answer::by(StateConductor::class, 'conductor', $id),
                );
            } elseif (!in_array($line->conductor->value, [SwitchedConductor::Live, SwitchedConductor::Both], true)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('“%s” is switched in the neutral: the appliance stays live when it is off.', $line->name),
                    proposals: fn(): array => [new Remedy(
                        sprintf('Switch the %s conductor instead', $inspection->board->system()->liveConductor),
                        new StateConductor([$id], SwitchedConductor::Live),
                    )],
                );
            }
        }
    }
}
