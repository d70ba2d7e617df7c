<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\LeavesTheCover;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Low-voltage side treated as live, and something of it outside the cover. */
final class TreatedAsLive implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.treated-as-live',
            version: 1,
            title: 'Low-voltage side treated as live, though something of it leaves the cover',
            severities: [Severity::Danger],
            reason: 'A low-voltage side that may be live is for nobody’s hands: a button, a probe, a cable or a USB socket outside the '
                . 'cover is then mains in somebody’s hand.',
            threshold: 'no button, switch, probe, low-voltage appliance, supply from outside or reachable USB or programming socket while '
                . 'the low-voltage side is treated as live; the cover needs a tool, verified on each copy',
            basis: Basis::CommonPractice,
            source: 'common practice, from memory; local codes decide',
            silentWhen: 'the low-voltage side is not treated as live',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = $inspection->board->box;
        if (false !== $box?->touchable?->value || !OnMains::anyHurting($inspection)) {
            return;
        }
        $leaving = LeavesTheCover::all($inspection->board);
        if ([] !== $leaving) {
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                'board',
                sprintf(
                    'The low-voltage side is treated as live, but %s the cover: %s.',
                    1 === count($leaving) ? 'this leaves' : 'these leave',
                    implode(', ', $leaving),
                ),
                proposals: static fn(): array => [new Remedy(
                    'Keep the low-voltage side apart from mains, so that it may be touched',
                    new StateBox(touchable: true),
                )],
            );

            return;
        }
        if (null === $box->socketReachable?->value) {
            yield new NotChecked(
                $this->facts(),
                'board',
                'whether a USB or programming socket can be reached without opening the cover',
                Answer::by(StateBox::class, 'socketReachable'),
            );
        }
        yield new HoldPoint(
            $this->facts(),
            'board',
            'Nothing of the low-voltage side can be touched with the cover shut, its insulation is made for mains, and the cover needs a '
                . 'tool.',
        );
    }
}
