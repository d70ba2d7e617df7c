<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Appliance that must not start by itself is restored. */
final class RestoredOn implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.restored-on',
            version: 1,
            title: 'Appliance that must not start by itself is restored after a power cut',
            severities: [Severity::Danger],
            reason: 'A heater or a saw that comes back on with the mains starts with nobody there, or with a hand in it.',
            threshold: 'off after a power cut for every appliance that must never start by itself',
            basis: Basis::CommonPractice,
            source: 'common practice; the fact is preset by the kind of appliance',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $id => $line) {
            if (!$inspection->board->mustNotStart($id)) {
                continue;
            }
            $policy = $line->safety?->restore?->value;
            if (!$policy instanceof RestorePolicy) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'what it does when power comes back',
                    Answer::by(StateSafety::class, 'restore', $id),
                );
            } elseif (RestorePolicy::Off !== $policy) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('“%s” must never start by itself, but comes back %s after a power cut.', $line->name, $policy->value),
                    proposals: static fn(): array => [new Remedy(
                        'Leave it off after a power cut',
                        new StateSafety([$id], restore: RestorePolicy::Off),
                    )],
                );
            }
        }
    }
}
