<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\SolidStateLoad;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Solid-state relay that gets too hot. */
final class SolidStateHeat implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.solid-state-heat',
            version: 1,
            title: 'Solid-state relay that gets too hot',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A solid-state output drops a volt or more, so each ampere makes a watt of heat or more: what its print allows needs '
                . 'a heat sink.',
            threshold: 'permitted over actual rise of the junction without a heat sink; at the typical drop broken, at the greatest weak',
            basis: Basis::CommonPractice,
            source: 'drop and thermal resistance of the relay’s part file; air as stated for the board, else 40 °C',
            joint: LineJoint::Appliance,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $output = $inspection->board->relay($actuator)->solidState;
            if (null === $output) {
                continue;
            }
            $heat = SolidStateLoad::of($output, $inspection->mains->contacts[$id]->amps->value, $inspection->board->ambientCelsius())->heat;
            if (MarginState::Sound === $heat->state()) {
                continue;
            }
            $isBroken = MarginState::Broken === $heat->state();
            $figure = $isBroken ? $heat->nominal : $heat->worst;
            $line = $inspection->board->lines[$lineId];
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'The solid-state relay of “%s” reaches %s inside without a heat sink%s; it bears %s.',
                    $line->name,
                    $figure->needs(),
                    $isBroken ? '' : ', at its greatest drop',
                    $figure->has(),
                ),
                [$figure, $isBroken ? $heat->worst : $heat->nominal],
                static fn(): array => SolidStateMismatch::relays($inspection, $id, $line),
            );
        }
    }
}
