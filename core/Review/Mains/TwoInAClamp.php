<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\Listing\TerminalPlan;
use IronLatch\Core\Wiring\Listing\TerminalRow;

/** Two conductors in a mains clamp that is made for one. */
final class TwoInAClamp implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.two-in-a-clamp',
            version: 1,
            title: 'Two conductors in a clamp made for one',
            severities: [Severity::Danger],
            reason: 'Of two conductors under one screw only one is held. The other works loose, heats and arcs; with its neutral loose, '
                . 'an appliance stays live when it is off.',
            threshold: 'live and neutral run as a chain, and a clamp on the way gets more conductors than it takes: one, or '
                . 'two where it is made for two',
            basis: Basis::CommonPractice,
            source: 'data sheets of terminals; two of one size only where the maker allows it',
            silentWhen: 'each wire comes from a bar of its own pole, or the clamps are made for two',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $wiring = $inspection->board->wiring;
        if (WiringScheme::Chain !== $wiring->mains?->value) {
            return;
        }
        $full = array_values(array_filter(
            TerminalPlan::of($inspection->connections()),
            static fn(TerminalRow $row): bool => $row->isMains && $row->isOverfull(true === $wiring->twoInAClamp?->value),
        ));
        if ([] === $full) {
            return;
        }
        if (null === $wiring->twoInAClamp?->value) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether the clamps take two conductors',
                Answer::by(StateWiring::class, 'twoInAClamp'),
            );
        } else {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'board',
                sprintf(
                    'Live and neutral run from one terminal to the next: more conductors lie in a clamp than it takes, %s %s first.',
                    $full[0]->device->id,
                    $full[0]->terminal->names(),
                ),
                proposals: static fn(): array => [
                    new Remedy('Lead each wire from a bar', new StateWiring(mains: WiringScheme::Star)),
                ],
            );
        }
    }
}
