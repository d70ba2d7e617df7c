<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\House\MoveBoard;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
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
            version: 2,
            title: 'No neutral where the board is wired in',
            severities: [Severity::Broken],
            reason: 'A supply needs live and neutral. Many switch boxes have only a live wire and the switched one; an '
                . 'earth is no neutral, and the neutral of another circuit is none either.',
            threshold: 'a neutral of the same circuit in the box where the board is wired in',
            basis: Basis::CommonPractice,
            source: 'common practice; local codes and a licensed electrician decide',
            silentWhen: 'the box is plugged in, or neither a supply nor an outlet nor a sensed state in it hangs on the mains there',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = InHouse::box($inspection);
        $id = $inspection->board->boxPlace();
        if (null === $box || !self::isNeeded($inspection->board)) {
            return;
        }
        if (null === $box->neutral?->value) {
            yield InHouse::unsaid($this->facts(), $inspection, 'neutral', 'whether a neutral reaches the box, and whose it is');
        } elseif (NeutralHere::None === $box->neutral->value) {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    'No neutral reaches “%s”: nothing there can feed %s.',
                    $box->name,
                    self::isFedThere($inspection->board) ? 'the board' : 'an outlet, or tell whether an appliance has voltage',
                ),
                proposals: static fn(): array => [...self::elsewhere($inspection->board), new Remedy(
                    'Have a neutral of the same circuit pulled in',
                    new StatePlace([$id], neutral: NeutralHere::ToBePulled),
                )],
            );
        }
    }

    private static function isNeeded(Board $board): bool
    {
        foreach ($board->lines as $line) {
            if (null !== $line->sense || true === $line->safety?->outlet?->value?->isOutlet()) {
                return true;
            }
        }

        return self::isFedThere($board);
    }

    /** An adapter or a bus is fed elsewhere, and only its low voltage comes here. */
    private static function isFedThere(Board $board): bool
    {
        foreach (array_keys($board->rails) as $rail) {
            $feeder = $board->feeder($rail);
            if ($feeder instanceof Supply && SupplyForm::EncapsulatedModule === $feeder->form) {
                return true;
            }
        }

        return false;
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
