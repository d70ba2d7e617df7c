<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\House\MoveBoard;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** No neutral where the board is wired in. */
final class NoNeutral implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.no-neutral',
            version: 1,
            title: 'No neutral where the board is wired in',
            severities: [Severity::Broken],
            reason: 'A supply needs live and neutral. Many switch boxes have only a live wire and the switched one; an '
                . 'earth is no neutral, and the neutral of another circuit is none either.',
            threshold: 'a neutral of the same circuit in the box where the board is wired in',
            basis: Basis::CommonPractice,
            source: 'common practice; local codes and a licensed electrician decide',
            silentWhen: 'the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = InHouse::box($inspection);
        $id = $inspection->board->boxPlace();
        if (null === $box) {
            return;
        }
        if (null === $box->neutral?->value) {
            yield InHouse::unsaid($this->facts(), $inspection, 'neutral', 'whether a neutral reaches the box, and whose it is');
        } elseif (NeutralHere::None === $box->neutral->value) {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf('No neutral reaches “%s”: nothing there can feed the board.', $box->name),
                proposals: static fn(): array => [...self::elsewhere($inspection->board), new Remedy(
                    'Have a neutral of the same circuit pulled in',
                    new StatePlace([$id], neutral: NeutralHere::ToBePulled),
                )],
            );
        }
    }

    /**
     * Another place that has one; what stays in the box is the switch.
     *
     * @return list<Remedy>
     */
    private static function elsewhere(Board $board): array
    {
        $remedies = [];
        foreach ($board->places as $id => $place) {
            if (true === $place->neutral?->value?->isItsOwn()) {
                $remedies[] = new Remedy(
                    sprintf('Put the board at “%s”, and leave only the switch here', $place->name),
                    new MoveBoard($id),
                );
            }
        }

        return $remedies;
    }
}
