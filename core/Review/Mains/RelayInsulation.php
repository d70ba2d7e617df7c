<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Relay that does not keep mains from what can be touched. */
final class RelayInsulation implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.relay-insulation',
            version: 2,
            title: 'Relay that does not keep mains from what can be touched',
            severities: [Severity::Danger],
            reason: 'The relay itself is the barrier: a cheap cube has basic insulation at best between coil and contacts. A button, a '
                . 'probe or the USB socket is then one fault away from mains.',
            threshold: 'relays whose makers state reinforced insulation (4 kV and 8 mm); basic where the low-voltage side is treated as '
                . 'live',
            basis: Basis::DataSheet,
            source: 'insulation of the relay’s part file, from memory',
            silentWhen: 'the low-voltage side is treated as live: nobody can touch any of it',
            joint: LineJoint::Contact,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $touchable = $inspection->board->box?->touchable?->value;
        if ($inspection->board->system()->isHarmlessToTouch()) {
            return;
        }
        $wanted = false === $touchable ? Insulation::Basic : Insulation::Reinforced;
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $relay = $inspection->board->relay($actuator);
            if (
                null !== $inspection->board->appliance($inspection->board->lines[$lineId])->dcVolts
                || $relay->insulation->isAtLeast($wanted)
                || null !== $actuator->opens
            ) {
                continue;
            }
            if (null === $touchable && Insulation::Basic === $relay->insulation) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether somebody can touch the low-voltage side: its relay is not stated reinforced',
                    Answer::by(StateBox::class, 'touchable'),
                );
                continue;
            }
            if (Insulation::Unstated === $relay->insulation) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('the insulation of %s, which its maker does not state', $relay->identity->name),
                );
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Danger,
                $id,
                sprintf(
                    '“%s” is kept from the low-voltage side by %s, whose insulation is %s, and that side can be touched.',
                    $inspection->board->nameOf($id),
                    $relay->identity->name,
                    $relay->insulation->value,
                ),
                proposals: static fn(): array => [
                    ...self::reinforced($inspection, $id),
                    new Remedy(
                        'Treat the low-voltage side as live, closed in behind a cover that needs a tool',
                        new StateBox(touchable: false),
                    ),
                ],
            );
        }
    }

    /**
     * @return list<Remedy> at most one
     */
    private static function reinforced(Inspection $inspection, string $id): array
    {
        $actuator = $inspection->board->actuator($id);
        $now = $inspection->board->relay($actuator);
        foreach (Repairs::of($inspection)->partsOnOffer(Relay::class) as $relay) {
            if (
                Insulation::Reinforced === $relay->insulation
                && $relay->isOfTheKindOf($now)
                && $relay->poles >= $now->poles
                && $relay->coilVolts === $now->coilVolts
                && $relay->contactAcAmps >= $now->contactAcAmps
            ) {
                return [new Remedy('Fit ' . $relay->identity->name, new ChooseRelay([$id], $relay))];
            }
        }

        return [];
    }
}
