<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Drive\BistableDriven;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Appliance that must not start by itself on a normally closed contact. */
final class SelfStartOnDead implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.on-when-dead',
            version: 1,
            title: 'Appliance that must not start by itself on a contact that stays or falls closed',
            severities: [Severity::Danger],
            reason: 'A normally closed contact is on whenever the relay is not: while the controller starts, when it hangs, and when only '
                . 'the board’s own supply has failed. A bistable relay keeps its contact closed through a power cut.',
            threshold: 'a normally closed contact, or that of a bistable relay, in the line of an appliance that must never start by '
                . 'itself',
            basis: Basis::CommonPractice,
            source: 'common practice; the fact is preset by the kind of appliance',
            joint: LineJoint::Contact,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $line = $inspection->board->lines[$lineId];
            if (
                null !== $inspection->board->relay($actuator)->bistable
                && null === $actuator->opens
                && $inspection->board->mustNotStart($lineId)
            ) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” must never start by itself, but its bistable relay keeps its contact closed through a power cut: it '
                            . 'starts when the mains comes back.',
                        $line->name,
                    ),
                    proposals: static fn(): array => BistableDriven::plain($inspection, $id),
                );
            } elseif (null !== $line->twoWay && null === $actuator->guards && $inspection->board->mustNotStart($lineId)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” must never start by itself, but is one end of a two-way circuit: when its relay lets go, that switches it '
                            . 'on half of the time.',
                        $line->name,
                    ),
                    proposals: static fn(): array => [new Remedy('Take it out of the two-way circuit', new MakeTwoWay($lineId, 0))],
                );
            } elseif (ContactUse::NormallyClosed === $actuator->contact && $inspection->board->mustNotStart($lineId)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” must never start by itself, but hangs on the normally closed contact: it is on whenever the board is '
                            . 'dead or starting.',
                        $line->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Use the normally open contact',
                        new ChooseContact([$id], ContactUse::NormallyOpen),
                    )],
                );
            }
        }
    }
}
