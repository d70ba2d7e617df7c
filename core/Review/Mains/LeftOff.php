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

/** Appliance that must come back after a power cut and does not. */
final class LeftOff implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.left-off',
            version: 1,
            title: 'Appliance that must come back after a power cut and does not',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'Pipes freeze, fish suffocate and cellars flood while a frost heater, an aquarium or a sump pump stays off after a '
                . 'cut that lasted a second.',
            threshold: 'on, or as it was, after a power cut for every appliance that must come back (weak otherwise); an appliance that '
                . 'must never start by itself cannot be one that must come back (broken)',
            basis: Basis::CommonPractice,
            source: 'common practice; the fact is preset by the kind of appliance',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->lines as $id => $line) {
            if (!$inspection->board->mustComeBack($id)) {
                continue;
            }
            $policy = $line->safety?->restore?->value;
            if ($inspection->board->mustNotStart($id)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” must never start by itself, and must come back after a power cut: both cannot hold.', $line->name),
                    proposals: static fn(): array => [new Remedy('It need not come back', new StateSafety([$id], mustComeBack: false))],
                );
            } elseif (!$policy instanceof RestorePolicy) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'what it does when power comes back: it must come back',
                    Answer::by(StateSafety::class, 'restore', $id),
                );
            } elseif (RestorePolicy::Off === $policy) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('“%s” must come back after a power cut, but stays off.', $line->name),
                    proposals: static fn(): array => [
                        new Remedy('Let it come back as it was', new StateSafety([$id], restore: RestorePolicy::Last)),
                        new Remedy('It need not come back', new StateSafety([$id], mustComeBack: false)),
                    ],
                );
            }
        }
    }
}
