<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Knowledge;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Supply that cannot start into its rail. */
final class CapacitanceTooLarge implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.capacitance-too-large',
            version: 1,
            title: 'Supply that cannot start into its rail',
            severities: [Severity::Weak],
            reason: 'An encapsulated module starts into so much capacitance and no more; with more it tries and gives up, over and over. '
                . 'A USB port takes a larger one for a short circuit.',
            threshold: 'capacitance of the rail and of the rails behind it, against the greatest that the source states',
            basis: Basis::DataSheet,
            source: 'greatest capacitive load of the part file, from memory; 10 µF at a USB port after USB 2.0, section 7.2.4.1, from '
                . 'memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach (array_keys($board->rails) as $id) {
            $most = $board->source($id)?->greatestFarads;
            $farads = $board->rails[$id]->reservoir()->value;
            if (null === $most || !is_float($farads) || $farads <= $most) {
                continue;
            }
            $isAssumed = Knowledge::Assumed === $board->rails[$id]->reservoir()->knowledge;
            $figure = new Figure(
                'capacitance on the rail',
                $farads,
                Unit::Farad,
                $isAssumed ? 'assumed' : 'as stated',
                ['the source starts into ' . QuantityPrinter::rounded($most, Unit::Farad)],
                'as printed on the capacitor',
                'part file of the source',
            );
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    '%s%s hang on the rail %s; %s starts into %s.',
                    $figure->printed(),
                    $isAssumed ? ' (assumed)' : '',
                    $board->nameOf($id),
                    $board->feeder($id)->identity->name,
                    QuantityPrinter::rounded($most, Unit::Farad),
                ),
                [$figure],
                static fn(): array => [...self::less($id, $most), ...OtherSupplies::remedies($inspection, $id)],
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function less(string $rail, float $most): array
    {
        $fit = PreferredValues::e6Between(1e-6, $most)[0] ?? null;

        return null === $fit ? [] : [new Remedy(
            sprintf('Fit %s', QuantityPrinter::rounded($fit, Unit::Farad)),
            new StateReservoir($rail, $fit),
        )];
    }
}
