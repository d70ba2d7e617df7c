<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Off that is taken for isolated. */
final class TakenAsIsolation implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.taken-as-isolation',
            version: 1,
            title: 'Off that is taken for isolated',
            severities: [Severity::Weak],
            reason: 'A switched-off contact is no isolation: it has a micro gap, may have welded, leaks through its snubber, and a '
                . 'solid-state output leaks always and fails closed.',
            threshold: 'nobody works on a line that the board alone has switched off',
            basis: Basis::Standard,
            source: 'IEC 60335-1 and IEC 60947-3 on isolation, from memory',
            silentWhen: 'nothing is said of it, or it is isolated before anybody works on it',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::hurting($inspection) as $id => $line) {
            if (true !== $line->safety?->offTakenAsIsolation?->value) {
                continue;
            }
            $solid = [] !== array_filter(
                $line->actuators,
                static fn(Actuator $actuator): bool => null !== $inspection->board->relay($actuator)->solidState,
            );
            $why = match (true) {
                $solid => 'its solid-state output leaks, and fails closed',
                Snubber::Rc === $line->safety->snubber?->value => 'the snubber across its contact leaks',
                default => 'its contact may have welded',
            };
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf('“%s” is worked on while only the board has switched it off: %s.', $line->name, $why),
                proposals: static fn(): array => [new Remedy(
                    'Isolate it before anybody works on it',
                    new StateSafety([$id], offTakenAsIsolation: false),
                )],
            );
        }
    }
}
