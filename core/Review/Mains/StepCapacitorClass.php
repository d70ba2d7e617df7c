<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Catalogue\Basis;
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
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Series capacitors of a fan that are not made for it. */
final class StepCapacitorClass implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.step-class',
            version: 2,
            title: 'Series capacitors of a fan that are not made for it',
            severities: [Severity::Danger, Severity::Weak],
            reason: 'A capacitor in series with a motor works all day at more than the mains voltage: class X2 is not made for that, '
                . 'fails, and burns.',
            threshold: 'motor-run capacitors (danger otherwise); no more than '
                . QuantityPrinter::rounded(self::MOTOR_RUN_VOLTS, Unit::Volt) . ' across one with the mains 10 % high and its capacitance '
                . QuantityPrinter::rounded(100 * CapacitorStage::TOLERANCE, Unit::Percent) . ' off (weak)',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    private const MAINS_ABOVE = 1.1;
    private const MOTOR_RUN_VOLTS = 400.0;

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->mains->fans as $id => $fan) {
            $group = $inspection->board->groups[$id];
            $class = $group->bank?->class?->value;
            $volts = $fan->greatestCapacitorVolts;
            if (!$class instanceof CapacitorClass) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'of which class its capacitors are',
                    Answer::by(StateStepBank::class, 'class', $id),
                );
            } elseif (CapacitorClass::X2 === $class) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('The capacitors of “%s” are of class X2, which is not made for continuous series duty.', $group->name),
                    proposals: static fn(): array => [new Remedy(
                        'Use motor-run capacitors',
                        new StateStepBank($id, CapacitorClass::MotorRun),
                    )],
                );
            } elseif ($volts > self::MOTOR_RUN_VOLTS) {
                $figure = new Figure(
                    'voltage at a capacitor',
                    $volts,
                    Unit::Volt,
                    '1.1 · I ÷ (ωC), C ± 10 %',
                    ['made for ' . QuantityPrinter::rounded(self::MOTOR_RUN_VOLTS, Unit::Volt)],
                    'mains 10 % high',
                    'motor as R and L in series',
                );
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'A capacitor of “%s” sees %s; motor-run ones are made for %s.',
                        $group->name,
                        $figure->printed(),
                        QuantityPrinter::rounded(self::MOTOR_RUN_VOLTS, Unit::Volt),
                    ),
                    [$figure],
                    static fn(): array => self::larger($inspection, $id),
                );
            }
        }
    }

    /**
     * The next larger capacitance with which no step comes so near to resonance.
     *
     * @return list<Remedy> at most one
     */
    private static function larger(Inspection $inspection, string $id): array
    {
        $fan = $inspection->mains->fans[$id];
        foreach ($fan->steps as $function => $step) {
            $farads = $inspection->board->groups[$id]->bank?->faradsOf($function);
            if (null === $farads || self::MAINS_ABOVE * $step->capacitorVolts <= self::MOTOR_RUN_VOLTS) {
                continue;
            }
            foreach ([
                ...array_reverse(PreferredValues::e12Between($farads * 1.01, 50e-6)),
                ...PreferredValues::e12Between(20e-9, $farads * 0.99),
            ] as $other) {
                $edit = new FitStepCapacitor($id, $function, $other);
                $after = Repairs::of($inspection)->after($edit);
                $volts = null === $after ? INF : self::MAINS_ABOVE * (FanSteps::all($after)[$id]->steps[$function]->capacitorVolts ?? INF);
                if ($volts <= self::MOTOR_RUN_VOLTS) {
                    return [new Remedy(
                        sprintf('Fit %s to “%s”', QuantityPrinter::rounded($other, Unit::Farad), $inspection->board->nameOf($function)),
                        $edit,
                    )];
                }
            }
        }

        return [];
    }
}
