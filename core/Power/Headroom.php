<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Catalogue\Regulation;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What a regulator gets at its input while everything pulls in, over what it needs there. */
final readonly class Headroom
{
    /**
     * @param string $subject id of the rail that it feeds, or “board” for the carrier’s own
     * @param string $from id of the rail that feeds it
     * @param Margin $margin input over output and drop-out, or over the least input
     * @param ?Figure $tooHigh the highest input, where it is more than the regulator bears
     */
    private function __construct(
        public string $subject,
        public string $from,
        public Regulation $regulation,
        public Margin $margin,
        public ?Figure $tooHigh,
    ) {}

    /**
     * The regulators of a board, the carrier’s own last.
     *
     * @param array<string, Dip> $dips by rail
     * @return array<string, self> by subject
     */
    public static function all(Flows $flows, array $dips): array
    {
        $board = $flows->board;
        $all = [];
        foreach ($board->rails as $id => $rail) {
            $regulation = $board->regulation($id);
            if (null !== $rail->from && null !== $regulation) {
                $all[$id] = self::of(
                    $flows,
                    $id,
                    $rail->from,
                    $regulation,
                    $flows->amps($id, Scenario::pullIn()),
                    $dips[$rail->from],
                    $regulation->output->typ,
                );
            }
        }
        $own = $board->controller()->carrier->regulator;
        if (null !== $own && $board->entry()->regulated) {
            // The chip is content with less than the regulator’s full output.
            $all['board'] = self::of(
                $flows,
                'board',
                $board->mcu->rail,
                $own,
                $flows->amps(Draws::PINS, Scenario::pullIn()),
                $dips[$board->mcu->rail],
                $board->controller()->chip->leastSupplyVolts ?? $own->output->typ,
            );
        }

        return $all;
    }

    private static function of(
        Flows $flows,
        string $subject,
        string $from,
        Regulation $regulation,
        Demand $amps,
        Dip $dip,
        float $enoughVolts,
    ): self {
        $highest = $flows->board->railVolts($from)->max;
        $figure = static function (float $input, float $current, bool $worst, string $corner) use ($regulation, $enoughVolts): Figure {
            $needs = $regulation->kind->needsHeadroom()
                ? $enoughVolts + $regulation->dropOutAt($current, $worst)
                : $regulation->leastInputVolts;

            return (new Figure(
                'input over what it needs',
                $input / $needs,
                Unit::Ratio,
                $regulation->kind->needsHeadroom() ? 'V_in ÷ (V_out + V_drop-out)' : 'V_in ÷ V_least',
                [
                    'V_in = ' . QuantityPrinter::rounded($input, Unit::Volt),
                    ...$regulation->kind->needsHeadroom() ? [
                        'V_out = ' . QuantityPrinter::rounded($enoughVolts, Unit::Volt),
                        'V_drop-out = '
                            . QuantityPrinter::rounded($needs - $enoughVolts, Unit::Volt)
                            . ' at '
                            . QuantityPrinter::rounded($current, Unit::Ampere),
                    ] : ['V_least = ' . QuantityPrinter::rounded($needs, Unit::Volt)],
                ],
                $corner,
                'drop-out of the part file',
            ))->outOf($input, $needs, Unit::Volt);
        };

        return new self(
            $subject,
            $from,
            $regulation,
            new Margin(
                $figure($dip->typical->value, $amps->typical, false, 'typical values, rail under its peak load'),
                $figure($dip->worst->value, $amps->greatest, true, 'lowest rail under its peak load, greatest drop-out'),
            ),
            $highest <= $regulation->greatestInputVolts ? null : new Figure(
                'highest input',
                $highest,
                Unit::Volt,
                'range of the rail',
                ['at most ' . QuantityPrinter::rounded($regulation->greatestInputVolts, Unit::Volt)],
                'highest rail',
                'input range of the part file',
            ),
        );
    }
}
