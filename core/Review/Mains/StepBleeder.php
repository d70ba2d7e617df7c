<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\CapacitorStage;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Series capacitors of a fan that stay charged. */
final class StepBleeder implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.step-bleeder',
            version: 2,
            title: 'Series capacitors of a fan that stay charged',
            severities: [Severity::Danger],
            reason: 'A capacitor that was at its peak when the plug was drawn bites whoever touches it, minutes later. In resonance with '
                . 'the winding it has more than the mains.',
            threshold: 'a bleeder across each that leaves ' . QuantityPrinter::rounded(CapacitorStage::HARMLESS_VOLTS, Unit::Volt)
                . ' after a second, from the greatest voltage that a capacitor can have: '
                . 'mains 10 % high, tolerance of '
                . QuantityPrinter::rounded(100 * CapacitorStage::TOLERANCE, Unit::Percent) . ', resonance with the winding',
            basis: Basis::Standard,
            source: 'IEC 60335-1, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->mains->fans as $id => $fan) {
            $group = $inspection->board->groups[$id];
            $bleeder = $group->bank?->bleederOhms?->value;
            $needed = CapacitorStage::bleederOhms($fan->greatestCapacitorVolts, $fan->greatestFarads);
            if (!is_float($bleeder)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'what discharges its capacitors',
                    Answer::by(StateStepBank::class, 'bleederOhms', $id),
                );
            } elseif (0.0 === $bleeder || $bleeder > $needed) {
                $figure = new Figure(
                    'bleeder',
                    $bleeder,
                    Unit::Ohm,
                    'as stated',
                    [
                        'at most ' . QuantityPrinter::rounded($needed, Unit::Ohm),
                        'C = ' . QuantityPrinter::rounded($fan->greatestFarads, Unit::Farad),
                        'U_C = ' . QuantityPrinter::rounded($fan->greatestCapacitorVolts, Unit::Volt),
                    ],
                    QuantityPrinter::rounded(CapacitorStage::HARMLESS_VOLTS, Unit::Volt) . ' after one second',
                    'IEC 60335-1, from memory',
                );
                $fit = PreferredValues::e12Between(1e3, $needed)[0] ?? null;
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        0.0 === $bleeder
                            ? 'Nothing discharges the capacitors of “%s”: they bite long after the plug is drawn.'
                            : 'The bleeders of “%s” leave more than %s after a second.',
                        $group->name,
                        QuantityPrinter::rounded(CapacitorStage::HARMLESS_VOLTS, Unit::Volt),
                    ),
                    [$figure],
                    static fn(): array => null === $fit ? [] : [new Remedy(
                        sprintf('Fit bleeders of %s', QuantityPrinter::rounded($fit, Unit::Ohm)),
                        new StateStepBank($id, bleederOhms: $fit),
                    )],
                );
            }
        }
    }
}
