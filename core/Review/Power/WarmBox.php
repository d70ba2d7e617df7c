<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\BoxWalls;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Box that gets warmer than is taken for it. */
final class WarmBox implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.warm-box',
            version: 1,
            title: 'Box that gets warmer than is taken for it',
            severities: [Severity::Weak],
            reason: 'Contacts, coils, regulators, supplies and wires all bear less in warm air. What is checked with the air of a cool '
                . 'box is not sound in a small one that holds its heat.',
            threshold: 'the air in the box with everything on, from its heat and its size, no warmer than the air that every check takes',
            basis: Basis::CommonPractice,
            source: BoxWalls::SOURCE . '; contacts of 15 mΩ, from memory',
            silentWhen: 'the size of the box is not stated; or the air is not, and then every check takes what is reckoned',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $air = $inspection->boxAir;
        $taken = $board->ambientCelsius();
        if (null === $air || !$board->ambient->isStated() || $air->value <= $taken) {
            return;
        }
        $box = array_map(static fn(float $metres): string => QuantityPrinter::rounded($metres, Unit::Metre), $board->box?->size() ?? []);
        $celsius = ceil($air->value);
        yield new Finding(
            $this->facts(),
            Severity::Weak,
            'box',
            sprintf(
                'With everything on, the air in the box of %s reaches %s; every check takes the %s that were stated. A larger box, or '
                    . 'less heat in it, keeps it cooler.',
                implode(' × ', $box),
                $air->printed(),
                QuantityPrinter::rounded($taken, Unit::Celsius),
            ),
            [$air],
            static fn(): array => $celsius > 120 ? [] : [new Remedy(
                sprintf('Check everything with %s', QuantityPrinter::rounded($celsius, Unit::Celsius)),
                new StateAmbient($celsius),
            )],
        );
    }
}
