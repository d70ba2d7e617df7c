<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Several motors side by side on two relays. */
final class MotorsParalleled implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.motors-paralleled',
            version: 1,
            title: 'Several motors side by side on two relays',
            severities: [Severity::Danger],
            reason: 'The idle winding of one motor feeds that of the other backwards: when the first stops at its end '
                . 'switch, the second drives it on, against its stop or against somebody.',
            threshold: 'one motor on each pair of relays, or a separating relay for each',
            basis: Basis::CommonPractice,
            source: 'common practice; makers of tubular motors forbid it, from memory',
            silentWhen: 'no line drives a motor both ways',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->groups as $id => $group) {
            $motors = $group->reversal?->motors?->value;
            if (GroupKind::Directions === $group->kind && is_int($motors) && $motors > 1) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '%d motors hang side by side on the relays of “%s”: one drives the other backwards.',
                        $motors,
                        $group->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Put one motor on these relays, and the others on lines of their own',
                        new StateReversal($id, motors: 1),
                    )],
                );
            }
        }
    }
}
