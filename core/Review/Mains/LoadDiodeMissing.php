<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** DC appliance with a coil behind a contact without its diode. */
final class LoadDiodeMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.no-load-diode',
            version: 1,
            title: 'Inductive DC appliance behind a contact without its diode',
            severities: [Severity::Broken],
            reason: 'A coil in direct current holds its arc: the contact of the relay that opens it burns away or welds. A diode across '
                . 'the appliance lets the current run out. An RC snubber is for alternating current.',
            threshold: 'a diode across every inductive DC appliance that a contact switches',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'a driver switches it without a contact: then its clamp is a matter of Drive',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $id => $line) {
            $appliance = $inspection->board->appliance($line);
            $isDirect = null !== $appliance->dcVolts || $inspection->board->system()->isDirect();
            $byContact = [] !== array_filter(
                $line->actuators,
                static fn(Actuator $actuator): bool => null !== $actuator->relay
                    && null === $inspection->board->relay($actuator)->solidState,
            );
            if (!$isDirect || !$byContact || !$appliance->load->isInductive()) {
                continue;
            }
            $fitted = $line->safety?->loadDiode?->value;
            if (null === $fitted) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether a diode lies across its appliance',
                    Answer::by(StateSafety::class, 'loadDiode', $id),
                );
            } elseif (false === $fitted) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” is a coil on direct current behind a contact, and nothing takes over its current when the contact opens.',
                        $line->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Fit a diode across the appliance, its cathode to the positive side',
                        new StateSafety([$id], loadDiode: true),
                    )],
                );
            }
        }
    }
}
