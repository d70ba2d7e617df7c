<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\StateCapacitors;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Converter;
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

/** Regulator without its capacitors. */
final class CapacitorMissing implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.capacitor-missing',
            version: 1,
            title: 'Regulator without its capacitors',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'The capacitors at input and output are part of a regulator. Without them a low-drop one oscillates, and any other '
                . 'passes on every step of its load.',
            threshold: 'capacitors as its maker asks for; without them a regulator that wants 1 µF or more at its output is broken, any '
                . 'other weak',
            basis: Basis::DataSheet,
            source: 'data sheets of three-terminal regulators, from memory',
            silentWhen: 'it is a ready board that brings them',
        );
    }

    private const LOW_DROP_FARADS = 0.99e-6;

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->rails as $id => $rail) {
            $feeder = $inspection->board->feeder($id);
            if (!$feeder instanceof Converter || $feeder->regulation->bringsCapacitors) {
                continue;
            }
            $wants = sprintf(
                '%s at its input and %s at its output',
                QuantityPrinter::rounded($feeder->regulation->inputFarads, Unit::Farad),
                QuantityPrinter::rounded($feeder->regulation->outputFarads, Unit::Farad),
            );
            if (null === $rail->capacitorsFitted?->value) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('whether %s has %s', $feeder->identity->name, $wants),
                    Answer::by(StateCapacitors::class, 'fitted', $id),
                );
            } elseif (false === $rail->capacitorsFitted->value) {
                yield new Finding(
                    $this->facts(),
                    $feeder->regulation->outputFarads >= self::LOW_DROP_FARADS ? Severity::Broken : Severity::Weak,
                    $id,
                    sprintf('%s, which feeds %s, wants %s and has none.', $feeder->identity->name, $rail->name, $wants),
                    proposals: static fn(): array => [new Remedy('Fit its capacitors', new StateCapacitors($id, true))],
                );
            }
        }
    }
}
