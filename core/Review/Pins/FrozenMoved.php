<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Function that has left its frozen pin. */
final class FrozenMoved implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.frozen-moved',
            version: 1,
            title: 'Function off its frozen pin',
            severities: [Severity::Weak],
            reason: 'A firmware that is in use switches the pin it was written for. The board says another one.',
            threshold: 'every function of the frozen pin map on the pin that is written there',
            basis: Basis::CommonPractice,
            source: 'the maker has frozen the pin map',
            silentWhen: 'the pin map is not frozen, or was frozen anew',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->frozenSeats as $id => $frozen) {
            $pin = $inspection->seating->pins[$id] ?? null;
            if ($frozen === $pin?->name()) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    'The firmware in use has “%s” on %s; on the board it %s.',
                    $inspection->board->nameOf($id),
                    $frozen,
                    null === $pin ? 'has no pin' : 'sits on ' . $pin->bothNames(),
                ),
                proposals: static fn(): array => [
                    ...(isset($inspection->controller->pins[$frozen])
                        && true !== ($inspection->board->seats[$id] ?? null)?->locked ? [new Remedy(
                            'Put it back on ' . $inspection->controller->pins[$frozen]->bothNames(),
                            new SeatFunction($id, $frozen),
                        )] : []),
                    new Remedy('Freeze the pin map anew', new FreezePins()),
                ],
            );
        }
    }
}
