<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A motor with two directions whose surfaces say on and off. */
final class OtherWay implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.other-way',
            version: 1,
            title: 'Motor with two directions whose surfaces say on and off',
            severities: [Severity::Hint],
            reason: 'On and off name one of three states. Which way “on” runs, and what asks for the other way, is left to whoever '
                . 'writes the program.',
            threshold: 'one surface at least for each way',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no line drives a motor both ways, or nothing operates it yet',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->lines as $id => $line) {
            $first = $line->actuators[array_key_first($line->actuators) ?? ''] ?? null;
            if (
                null === $first
                || [] === $line->surfaces
                || null === $board->groupOf($first->function, GroupKind::Directions)
            ) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Hint,
                $id,
                sprintf(
                    '“%s” runs both ways, and what operates it says on and off: nothing says which way, or asks for the other.',
                    $line->name,
                ),
            );
        }
    }
}
