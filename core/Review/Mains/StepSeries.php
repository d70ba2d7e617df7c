<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Mains\CapacitorStage;
use IronLatch\Core\Mains\FanSteps;
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

/** Series capacitors of a fan that nothing limits. */
final class StepSeries implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.step-series',
            version: 2,
            title: 'Series capacitors of a fan that nothing limits',
            severities: [Severity::Weak],
            reason: 'A contact that closes a capacitor onto the peak of the mains carries hundreds of amperes for a moment and welds; one '
                . 'that finds it still charged with the other sign carries about twice as many.',
            threshold: 'a resistor in series with each capacitor; where the maker of the relay states what its contact bears for a '
                . 'moment, no more than that when a capacitor charged with the other sign is closed onto the peak of the mains',
            basis: Basis::CommonPractice,
            source: 'common practice: 325 V over 2.2 Ω are 148 A from empty; Ohm’s law',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->mains->fans as $id => $fan) {
            $group = $inspection->board->groups[$id];
            $series = $group->bank?->seriesOhms?->value;
            $bears = self::bears($inspection, $group);
            if (!is_float($series)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'what limits the current into its capacitors',
                    Answer::by(StateStepBank::class, 'seriesOhms', $id),
                );
            } elseif (0.0 === $series) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'Nothing limits the current into the capacitors of “%s” when a contact closes at the peak of the mains.',
                        $group->name,
                    ),
                    proposals: static fn(): array => self::fit($id, self::least($inspection, $fan, $bears)),
                );
            } elseif (null !== $bears && self::closing($inspection, $fan, $series) > $bears) {
                $figure = new Figure(
                    'current at closing',
                    self::closing($inspection, $fan, $series),
                    Unit::Ampere,
                    '√2 · (U + U_C) ÷ R',
                    [
                        'U = ' . QuantityPrinter::rounded(MainsSystem::HIGHEST_SHARE * $inspection->board->system()->volts, Unit::Volt),
                        'U_C = ' . QuantityPrinter::rounded($fan->greatestCapacitorVolts, Unit::Volt),
                        'R = ' . QuantityPrinter::rounded($series, Unit::Ohm),
                        'the contact bears ' . QuantityPrinter::rounded($bears, Unit::Ampere),
                    ],
                    'capacitor charged with the other sign, mains 10 % high',
                    'Ohm’s law',
                );
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'Up to %s flow into the capacitors of “%s” when a contact closes on a charged one; the contact bears %s for a '
                            . 'moment.',
                        $figure->printed(),
                        $group->name,
                        QuantityPrinter::rounded($bears, Unit::Ampere),
                    ),
                    [$figure],
                    static fn(): array => self::fit($id, self::least($inspection, $fan, $bears)),
                );
            }
        }
    }

    /** Where no contact states what it bears for a moment (common practice). */
    private const USUAL_OHMS = 2.2;

    private static function closing(Inspection $inspection, FanSteps $fan, float $ohms): float
    {
        return CapacitorStage::closingAmps(
            MainsSystem::HIGHEST_SHARE * $inspection->board->system()->volts,
            $ohms,
            sqrt(2) * $fan->greatestCapacitorVolts,
        );
    }

    /** What the least of its contacts bears for a moment; null while no maker states it. */
    private static function bears(Inspection $inspection, FunctionGroup $group): ?float
    {
        $stated = [];
        foreach ($group->functions as $function) {
            $owner = $inspection->board->actuatorOf($function);
            $peak = null === $owner ? null : $inspection->board->relay($inspection->board->actuator($owner))->contactPeakAmps;
            if (null !== $peak) {
                $stated[] = $peak;
            }
        }

        return [] === $stated ? null : min($stated);
    }

    private static function least(Inspection $inspection, FanSteps $fan, ?float $bears): float
    {
        $rising = array_reverse(PreferredValues::e12Between(self::USUAL_OHMS, 100.0));
        foreach (null === $bears ? [] : $rising as $ohms) {
            if (self::closing($inspection, $fan, $ohms) <= $bears) {
                return $ohms;
            }
        }

        return self::USUAL_OHMS;
    }

    /**
     * @return list<Remedy>
     */
    private static function fit(string $group, float $ohms): array
    {
        return [new Remedy(
            sprintf('Fit %s in series with each', QuantityPrinter::rounded($ohms, Unit::Ohm)),
            new StateStepBank($group, seriesOhms: $ohms),
        )];
    }
}
