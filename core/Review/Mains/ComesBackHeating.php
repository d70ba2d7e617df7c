<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
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

/** Heater of a room that comes back after a power cut. */
final class ComesBackHeating implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.comes-back-heating',
            version: 1,
            title: 'Heater of a room that comes back after a power cut',
            severities: [Severity::Danger],
            reason: 'A heater that comes back with nobody there heats whatever has been laid on it or has fallen against it. A frost '
                . 'heater may, if it is fixed, made to run unattended, and has its own cut-out.',
            threshold: 'off after a power cut, or fixed wiring, papers that allow it to run unattended, and an independent cut-out (both '
                . 'verified on each copy)',
            basis: Basis::CommonPractice,
            source: 'common practice; IEC 60335-2-30, from memory',
            silentWhen: 'it stays off after a power cut, or must never start by itself: then “restored” judges it',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            $policy = $line->safety?->restore?->value;
            if (
                !$inspection->board->appliance($line)->warmsAir
                || $inspection->board->mustNotStart($id)
                || RestorePolicy::Off === $policy
            ) {
                continue;
            }
            $outlet = $line->safety?->outlet?->value;
            $unattended = $line->safety?->unattended?->value;
            $cutOut = $line->safety?->cutOut?->value;
            $gaps = array_filter([
                'restore' => null === $policy ? 'what it does when power comes back' : null,
                'outlet' => null === $outlet ? 'where it leaves the box' : null,
                'unattended' => null === $unattended ? 'whether its papers allow it to run unattended' : null,
                'cutOut' => null === $cutOut ? 'whether an independent cut-out stands in it' : null,
            ]);
            $faults = array_keys(array_filter([
                'is not fixed' => $outlet instanceof OutletKind && OutletKind::Fixed !== $outlet,
                'is not made to run unattended' => false === $unattended,
                'has no cut-out of its own' => false === $cutOut,
            ]));
            if ([] !== $faults && null !== $policy) {
                yield new Finding($this->facts(), Severity::Danger, $id, sprintf(
                    '“%s” warms a room and comes back %s after a power cut, but %s.',
                    $line->name,
                    $policy->value,
                    implode(' and ', $faults),
                ), proposals: static fn(): array => [
                    new Remedy('Leave it off after a power cut', new StateSafety([$id], restore: RestorePolicy::Off)),
                    new Remedy(
                        'Fix it, with papers for unattended use and a cut-out of its own',
                        new StateSafety([$id], outlet: OutletKind::Fixed, cutOut: true, unattended: true),
                    ),
                ]);
            } elseif ([] !== $gaps) {
                yield new NotChecked($this->facts(), $id, implode(' and ', $gaps), ...array_map(
                    static fn(string $field): Answer => Answer::by(StateSafety::class, $field, $id),
                    array_keys($gaps),
                ));
            } else {
                yield new HoldPoint(
                    $this->facts(),
                    $id,
                    sprintf(
                        'The heater of “%s” is fixed, its papers allow it to run unattended, and its own cut-out works.',
                        $line->name,
                    ),
                );
            }
        }
    }
}
