<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Mains and low-voltage wires in one bundle. */
final class OneBundle implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.one-bundle',
            version: 1,
            title: 'Mains and low-voltage wires in one bundle',
            severities: [Severity::Danger],
            reason: 'A wire that slips out of its clamp, or whose insulation is nicked, puts mains on everything that can be touched.',
            threshold: 'the wires of the two sides are said to run in one bundle',
            basis: Basis::Standard,
            source: 'IEC 60364-5-52 528.1, NEC 725.136, from memory',
            silentWhen: 'each side is tied in bundles of its own, which is then verified on each copy',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        if (!OnMains::anyHurting($inspection)) {
            return;
        }
        if (false === $inspection->board->wiring->bundlesApart?->value) {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'board',
                'Mains wires and low-voltage wires run in one bundle.',
                proposals: static fn(): array => [new Remedy('Tie them in bundles of their own', new StateWiring(bundlesApart: true))],
            );
        } else {
            yield new HoldPoint(
                $this->facts(),
                'board',
                'Mains wires and low-voltage wires are tied in bundles of their own, each beside its terminals: one that slips out reaches '
                    . 'nothing of the other side.',
            );
        }
    }
}
