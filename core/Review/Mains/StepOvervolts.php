<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\RemoveStep;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Mains\FanSteps;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Step that drives a motor beyond its voltage. */
final class StepOvervolts implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.step-overvolts',
            version: 1,
            title: 'Step that drives a motor beyond its voltage',
            severities: [Severity::Weak],
            reason: 'A capacitor in series resonates with the winding: near resonance the motor gets more than the mains has, and burns.',
            threshold: 'voltage at the motor in each step, as resistance and inductance in series, against the voltage of the mains and a '
                . 'tenth more',
            basis: Basis::CommonPractice,
            source: 'common practice; closed form of a series circuit',
            silentWhen: 'the step has no capacitor',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $mains = $inspection->board->system()->volts;
        foreach ($inspection->mains->fans as $id => $fan) {
            foreach ($fan->steps as $relays => $step) {
                if ($step->motorVolts <= self::BEYOND * $mains) {
                    continue;
                }
                $figure = new Figure(
                    'voltage at the motor',
                    $step->motorVolts,
                    Unit::Volt,
                    'I · |R + jωL|',
                    ['made for ' . QuantityPrinter::rounded($mains, Unit::Volt)],
                    'nominal mains',
                    'motor as R and L in series',
                );
                $names = implode('” and “', array_map($inspection->board->nameOf(...), explode('+', $relays)));
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'With “%s” closed the motor gets %s; it is made for %s.',
                        $names,
                        $figure->printed(),
                        QuantityPrinter::rounded($mains, Unit::Volt),
                    ),
                    [$figure],
                    static fn(): array => self::remedies($inspection, $id, $relays),
                );
                break;
            }
        }
    }

    /** More than a mains that is high by a tenth. */
    private const BEYOND = 1.1;

    /**
     * Another capacitor for a step of one relay; no such step where several are closed together.
     *
     * @return list<Remedy> at most one
     */
    private static function remedies(Inspection $inspection, string $group, string $relays): array
    {
        foreach ($inspection->board->groups[$group]->steps() as $index => $step) {
            if (implode('+', $step->relays) === $relays && count($step->relays) > 1) {
                return [new Remedy('Take this step away', new RemoveStep($group, $index + 1))];
            }
        }
        $farads = $inspection->board->groups[$group]->bank?->faradsOf($relays) ?? 0.0;
        foreach (PreferredValues::e12Between(20e-9, max(21e-9, $farads * 0.99)) as $other) {
            $after = Repairs::of($inspection)->after(new FitStepCapacitor($group, $relays, $other));
            $step = null === $after ? null : FanSteps::all($after)[$group]->steps[$relays] ?? null;
            if (null !== $step && $step->motorVolts <= self::BEYOND * $inspection->board->system()->volts) {
                return [new Remedy(
                    sprintf('Fit %s to “%s”', QuantityPrinter::rounded($other, Unit::Farad), $inspection->board->nameOf($relays)),
                    new FitStepCapacitor($group, $relays, $other),
                )];
            }
        }

        return [];
    }
}
