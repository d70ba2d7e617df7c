<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** More on the circuit than its breaker lets through. */
final class CircuitOverloaded implements Rule
{
    private const CONTINUOUS_SHARE = 0.8;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.circuit-overloaded',
            version: 1,
            title: 'More on the circuit than its breaker lets through',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'The breaker trips when the appliances of the board and whatever else hangs on the circuit run '
                . 'together; in North America what runs for hours may take four fifths of it.',
            threshold: 'all lines together within the breaker’s rating, four fifths of it in North America; with what else '
                . 'hangs on the circuit: weak',
            basis: Basis::Standard,
            source: 'IEC 60364-4-43; NEC 210.20(A), from memory',
            silentWhen: 'nobody has said which breaker it is, or the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = InHouse::box($inspection);
        $rating = $box?->breakerAmps?->value;
        if (null === $box || !is_float($rating)) {
            return;
        }
        $mains = $inspection->mains;
        $share = CordTable::Nec400 === $inspection->board->system()->cordTable ? self::CONTINUOUS_SHARE : 1.0;
        $others = is_float($box->othersAmps?->value) ? $box->othersAmps->value : 0.0;
        $most = $mains->shared['inlet']->promised->value ?? $mains->total->value;
        $own = self::over($rating * $share, $most, 0.0, $mains->total->printed());
        $all = self::over($rating * $share, $most, $others, $mains->total->printed());
        if ($all->value < 1) {
            yield new Finding(
                $this->facts(),
                $own->value < 1 ? Severity::Broken : Severity::Weak,
                $inspection->board->boxPlace(),
                sprintf(
                    'The lines of the board draw %s%s; the breaker of %s before “%s” lets %s pass for good.',
                    QuantityPrinter::rounded($most, Unit::Ampere),
                    $own->value < 1 ? '' : sprintf(', and %s hang on the circuit besides', QuantityPrinter::rounded($others, Unit::Ampere)),
                    QuantityPrinter::rounded($rating, Unit::Ampere),
                    $box->name,
                    QuantityPrinter::rounded($rating * $share, Unit::Ampere),
                ),
                [$own->value < 1 ? $own : $all],
                proposals: static fn(): array => self::fewer($inspection, $rating * $share - ($own->value < 1 ? 0.0 : $others)),
            );
        }
    }

    private static function over(float $lets, float $own, float $others, string $total): Figure
    {
        return (new Figure(
            'what the breaker lets through over what hangs on it',
            $lets / max($own + $others, 1e-9),
            Unit::Ratio,
            'I_n ÷ (Σ I + I_others)',
            [
                'I_n = ' . QuantityPrinter::rounded($lets, Unit::Ampere),
                'Σ I = ' . QuantityPrinter::rounded($own, Unit::Ampere) . ' of ' . $total,
                'I_others = ' . QuantityPrinter::rounded($others, Unit::Ampere),
            ],
            'all of it on for hours',
            'IEC 60364-4-43; NEC 210.20(A), from memory',
        ))->outOf($lets, $own + $others, Unit::Ampere);
    }

    /**
     * Fewer lines at once, where the program can promise that.
     *
     * @return list<Remedy>
     */
    private static function fewer(Inspection $inspection, float $amps): array
    {
        $each = array_map(
            static fn(string $line): float => $inspection->mains->contacts[
                (string) array_key_first($inspection->board->lines[$line]->actuators)
            ]->amps->value ?? INF,
            array_keys(OnMains::lines($inspection)),
        );
        rsort($each);
        for ($most = count($each) - 1; $most >= 1; --$most) {
            if (array_sum(array_slice($each, 0, $most)) <= $amps) {
                return [new Remedy(
                    1 === $most ? 'Let the program run only one of them at a time'
                        : sprintf('Let the program run at most %d of them at once', $most),
                    new StateBox(atOnce: $most),
                )];
            }
        }

        return [];
    }
}
