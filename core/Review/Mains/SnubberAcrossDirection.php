<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A snubber across the contact of a direction. */
final class SnubberAcrossDirection implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.snubber-across-direction',
            version: 1,
            title: 'Snubber or varistor across the contact of a direction',
            severities: [Severity::Danger],
            reason: 'Through a snubber across the open contact the idle winding gets enough to hum, to creep, or to '
                . 'start the other way; a varistor there sees more than mains and fails closed.',
            threshold: 'nothing lies across the contacts of two directions; what damps them lies across the motor',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line drives a motor both ways',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (OnMains::lines($inspection) as $id => $line) {
            $snubber = $line->safety?->snubber?->value;
            $first = $line->actuators[array_key_first($line->actuators) ?? ''] ?? null;
            if (
                null === $first
                || null === $board->groupOf($first->function, GroupKind::Directions)
                || !in_array($snubber, [Snubber::Rc, Snubber::Varistor], true)
            ) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                $id,
                sprintf(
                    '%s lies across the contacts of “%s”: the idle winding is fed through it.',
                    ucfirst($snubber->value),
                    $line->name,
                ),
                proposals: static fn(): array => [new Remedy(
                    'Put 100 Ω and 100 nF across the motor instead',
                    new StateSafety([$id], snubber: Snubber::RcAcrossLoad),
                )],
            );
        }
    }
}
