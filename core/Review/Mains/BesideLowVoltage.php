<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Mains\StateBox;
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

/** Low-voltage contact beside mains. */
final class BesideLowVoltage implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.beside-low-voltage',
            version: 2,
            title: 'Low-voltage contact or wiring beside mains',
            severities: [Severity::Danger],
            reason: 'The contact of a 12 V valve among mains contacts carries mains into the low-voltage wiring with the first stray '
                . 'strand.',
            threshold: 'the same distances for contacts and wiring of low-voltage appliances as for the rest',
            basis: Basis::Standard,
            source: 'IEC 60664-1',
            silentWhen: 'no low-voltage appliance is switched beside mains',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (OnMains::anyHurting($inspection) ? $board->lines : [] as $id => $line) {
            if (null === $board->appliance($line)->dcVolts || [] === array_filter(
                $line->actuators,
                static fn(Actuator $actuator): bool => null !== $actuator->relay,
            )) {
                continue;
            }
            $apart = $board->box?->lowContactsApart?->value;
            if (null === $apart) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether its contact and wiring keep the same distance from mains',
                    Answer::by(StateBox::class, 'lowContactsApart'),
                );
            } elseif (false === $apart) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('The contact and wiring of “%s” lie beside mains without the distance that the rest keeps.', $line->name),
                    proposals: static fn(): array => [new Remedy('Keep the same distance', new StateBox(lowContactsApart: true))],
                );
            } else {
                yield new HoldPoint(
                    $this->facts(),
                    $id,
                    sprintf('The contact and wiring of “%s” keep the full distance from mains.', $line->name),
                );
            }
        }
    }
}
