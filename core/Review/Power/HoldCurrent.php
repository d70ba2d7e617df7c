<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\HoldCoils;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Coil that is held with too little. */
final class HoldCurrent implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.hold-current',
            version: 1,
            title: 'Coil that is held with too little',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A coil that is in may be held with less, by switching it fast. Its current runs on only through a plain diode; and '
                . 'held with too little, the armature lets go at the first knock or dip.',
            threshold: 'a plain diode across the coil (broken without), at least '
                . QuantityPrinter::rounded(100 * Relay::HOLD_RATIO, Unit::Percent) . ' of the nominal voltage (weak below)',
            basis: Basis::CommonPractice,
            source: 'common practice, from memory; many data sheets state 50 % or more',
            joint: LineJoint::Coil,
        );
    }


    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->actuators() as $id => $actuator) {
            if (null === $actuator->holdRatio) {
                continue;
            }
            $relay = $board->relay($actuator);
            $held = $actuator->holdRatio * $inspection->drive->results[$id]->coilAmps->value * $relay->coilResistance->typ
                / $relay->coilVolts;
            $figure = (new Figure(
                'share that holds the coil',
                $held,
                Unit::Ratio,
                'duty · V_coil ÷ V_nominal',
                [
                    'duty = ' . QuantityPrinter::rounded(100 * $actuator->holdRatio, Unit::Percent),
                    'V_coil = ' . QuantityPrinter::rounded($held * $relay->coilVolts / $actuator->holdRatio, Unit::Volt),
                    'V_nominal = ' . QuantityPrinter::rounded($relay->coilVolts, Unit::Volt),
                ],
                'typical values',
                'mean of a coil that is switched fast',
            ))->outOf($held * $relay->coilVolts, $relay->coilVolts, Unit::Volt);
            $clamp = $actuator->clamp->value;
            if (Clamp::Diode !== $clamp) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” is held by switching its coil fast, which wants a plain diode across it and has %s.',
                        $board->nameOf($id),
                        $clamp instanceof Clamp ? $clamp->value : 'nothing that is known',
                    ),
                    [$figure],
                    static fn(): array => [
                        new Remedy('Fit a plain diode', new StateClamp([$id], Clamp::Diode)),
                        new Remedy('Hold it with the full voltage', new HoldCoils([$id])),
                    ],
                );
            } elseif ($held < Relay::HOLD_RATIO) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('“%s” is held with %s of its %s.', $board->nameOf($id), $figure->has(), $figure->needs()),
                    [$figure],
                    static fn(): array => [
                        new Remedy('Hold it with half of the voltage', new HoldCoils([$id], 0.5)),
                        new Remedy('Hold it with the full voltage', new HoldCoils([$id])),
                    ],
                );
            }
        }
    }
}
