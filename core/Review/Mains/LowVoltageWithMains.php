<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Extra-low voltage in a cable with mains. */
final class LowVoltageWithMains implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.low-voltage-with-mains',
            version: 1,
            title: 'Extra-low voltage in one cable with mains',
            severities: [Severity::Danger],
            reason: 'A nail, a crushed spot or a loose end joins the cores of one cable. What leads to a button must '
                . 'then bear the mains of its neighbour, core by core, for as long as the house stands.',
            threshold: 'every core insulated for the highest voltage in the cable; verified on each copy',
            basis: Basis::Standard,
            source: 'IEC 60364-4-41, 414.4, from memory; local codes decide',
            silentWhen: 'no cable carries both',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $volts = $inspection->board->system()->volts;
        foreach (OnMains::anyHurting($inspection) ? $inspection->board->houseCables : [] as $id => $cable) {
            if (0 === $cable->cores('low') || 0 === $cable->cores('mains')) {
                continue;
            }
            $insulated = $cable->insulationVolts?->value;
            $name = $inspection->board->nameOf($id);
            if (!is_float($insulated)) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'for which voltage its cores are insulated',
                    Answer::by(StateHouseCable::class, 'insulationVolts', $id),
                );
            } elseif ($insulated < $volts) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        'The cable “%s” carries mains of %s beside extra-low voltage, and its cores are insulated for %s.',
                        $name,
                        QuantityPrinter::rounded($volts, Unit::Volt),
                        QuantityPrinter::rounded($insulated, Unit::Volt),
                    ),
                    [self::over($insulated, $volts)],
                    proposals: static fn(): array => [new Remedy(
                        sprintf('Pull a cable of %d cores for the extra-low voltage alone', $cable->cores('low')),
                        new Sequence('Pull a cable for the extra-low voltage alone', [
                            new RunHouseCable($cable->from, $cable->to, $cable->cores('low')),
                            new StateHouseCable([$id], low: 0, free: $cable->cores('free') + $cable->cores('low')),
                        ]),
                    )],
                );
            } else {
                yield new HoldPoint($this->facts(), $id, sprintf(
                    'Every core of the cable “%s” is insulated for %s, its ends included, and the terminals of both kinds are apart.',
                    $name,
                    QuantityPrinter::rounded($insulated, Unit::Volt),
                ));
            }
        }
    }

    private static function over(float $insulated, float $volts): Figure
    {
        return (new Figure(
            'what the cores are insulated for over the highest voltage in the cable',
            $insulated / $volts,
            Unit::Ratio,
            'U_0 ÷ U',
            [
                'U_0 = ' . QuantityPrinter::rounded($insulated, Unit::Volt),
                'U = ' . QuantityPrinter::rounded($volts, Unit::Volt),
            ],
            'conductor to earth',
            'IEC 60364-4-41, 414.4, from memory',
        ))->outOf($insulated, $volts, Unit::Volt);
    }
}
