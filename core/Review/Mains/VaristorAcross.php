<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Varistor across a contact. */
final class VaristorAcross implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.varistor-across',
            version: 1,
            title: 'Varistor across a contact',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A varistor ages with every surge and in the end conducts for good: across the contact it then switches the appliance '
                . 'on, whatever the relay does, until it burns.',
            threshold: 'a varistor across the appliance and not across the contact; a danger for what must never start by itself',
            basis: Basis::CommonPractice,
            source: 'common practice, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            if (Snubber::Varistor !== $line->safety?->snubber?->value) {
                continue;
            }
            $mustNot = $inspection->board->mustNotStart($id);
            yield new Finding(
                $this->facts(),
                $mustNot ? Severity::Danger : Severity::Weak,
                $id,
                sprintf(
                    'A varistor lies across the contact of “%s”: it fails closed, and the appliance is on%s.',
                    $line->name,
                    $mustNot ? ', though it must never start by itself' : '',
                ),
                proposals: static fn(): array => [new Remedy(
                    'Put it across the appliance',
                    new StateSafety([$id], snubber: Snubber::VaristorAcrossLoad),
                )],
            );
        }
    }
}
