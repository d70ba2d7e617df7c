<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\Listing\TerminalPlan;
use IronLatch\Core\Wiring\Listing\TerminalRow;

/** Two wires where a low-voltage terminal takes one: a pin of a header, a small clamp. */
final class TwoOnAPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.two-on-a-pin',
            version: 1,
            title: 'Two wires on a pin or in a clamp that takes one',
            severities: [Severity::Weak],
            reason: 'A push-on receptacle holds one wire. Where a chain leads on from a pin, the second wire hangs in the air, or loosens '
                . 'the first; a ground that comes and goes resets the controller.',
            threshold: 'wires at a terminal of the low-voltage side: one on a pin, one in a clamp unless it is made for two',
            basis: Basis::CommonPractice,
            source: 'no source',
            silentWhen: 'grounds and rails run as stars',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $wiring = $inspection->board->wiring;
        if (WiringScheme::Chain !== $wiring->ground?->value && WiringScheme::Chain !== $wiring->rails?->value) {
            return;
        }
        $takesTwo = true === $wiring->twoInAClamp?->value;
        $full = array_values(array_filter(
            TerminalPlan::of($inspection->connections()),
            static fn(TerminalRow $row): bool => !$row->isMains && $row->isOverfull($takesTwo),
        ));
        if ([] === $full) {
            return;
        }
        yield new Finding(
            $this->facts(),
            Severity::Weak,
            'board',
            sprintf(
                1 === count($full)
                    ? 'One terminal takes one wire and gets two: %2$s %3$s.'
                    : '%d terminals take one wire and get two, %s %s first.',
                count($full),
                $full[0]->device->id,
                $full[0]->terminal->names(),
            ),
            proposals: static fn(): array => [
                new Remedy(
                    'Lead each wire from a bar',
                    new StateWiring(ground: WiringScheme::Star, rails: WiringScheme::Star),
                ),
            ],
        );
    }
}
