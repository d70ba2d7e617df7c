<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
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

/** Heater without an independent cut-out. */
final class CutOutMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.no-cut-out',
            version: 2,
            title: 'Heater without an independent cut-out',
            severities: [Severity::Danger],
            reason: 'Contacts weld and programs hang: a heater that cannot be switched off by something of its own sets fire to what is '
                . 'near it.',
            threshold: 'an independent thermal cut-out in the line of every appliance that heats; verified on each copy',
            basis: Basis::CommonPractice,
            source: 'common practice; IEC 60730 and IEC 60335-1, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            if (!$inspection->board->appliance($line)->heats) {
                continue;
            }
            $fitted = $line->safety?->cutOut?->value;
            if (null === $fitted) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether an independent thermal cut-out stands in it',
                    Answer::by(StateSafety::class, 'cutOut', $id),
                );
            } elseif (false === $fitted) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('“%s” heats, and nothing but the board switches it off.', $line->name),
                    proposals: static fn(): array => [new Remedy(
                        'Fit an independent thermal cut-out',
                        new StateSafety([$id], cutOut: true),
                    )],
                );
            } else {
                yield new HoldPoint(
                    $this->facts(),
                    $id,
                    sprintf('An independent thermal cut-out stands in the line of “%s”, and opens when it is warmed.', $line->name),
                );
            }
        }
    }
}
