<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\AddDirection;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A motor with two directions on one relay. */
final class OneDirection implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.one-direction',
            version: 1,
            title: 'Motor with two directions on one relay',
            severities: [Severity::Broken],
            reason: 'A motor that runs both ways has two ends to feed: one relay drives it one way only, and it never '
                . 'comes back.',
            threshold: 'two relays, one for each direction, for a motor that runs both ways',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line drives a motor both ways',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (OnMains::lines($inspection) as $id => $line) {
            $first = $line->actuators[array_key_first($line->actuators) ?? ''] ?? null;
            if (
                !$board->appliance($line)->twoDirections
                || null === $first
                || null !== $board->groupOf($first->function, GroupKind::Directions)
            ) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf('“%s” runs both ways, and its relay drives it one way only.', $line->name),
                proposals: static fn(): array => Repairs::of($inspection)->seated(
                    'Add a relay for the other way',
                    sprintf('Let “%s” run the other way too', $line->name),
                    new AddDirection($id),
                ),
            );
        }
    }
}
