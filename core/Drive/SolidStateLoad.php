<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Catalogue\SolidStateOutput;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** A solid-state output with its appliance: the heat while on, the least current, and what still flows while off. */
final readonly class SolidStateLoad
{
    /**
     * @param Margin $heat permitted over actual rise of the junction, without a heat sink
     * @param Figure $least appliance current over the least one
     * @param Figure $leakage appliance current over what flows while it is off
     */
    private function __construct(public Margin $heat, public Figure $least, public Figure $leakage) {}

    /**
     * @param float $amps the appliance’s current while it is on
     */
    public static function of(SolidStateOutput $output, float $amps, float $ambientCelsius): self
    {
        $permitted = max(0.0, $output->greatestCelsius - $ambientCelsius);
        $rise = static fn(float $drop): float => $output->kelvinPerWatt * $drop * $amps;
        $source = 'output of the relay’s part file';
        $figure = static fn(float $drop, string $corner): Figure => (new Figure(
            'permitted over actual rise of the junction',
            $permitted / max($rise($drop), 1e-9),
            Unit::Ratio,
            '(T_junction − T_air) ÷ (θ · V_drop · I)',
            [
                'θ = ' . QuantityPrinter::rounded($output->kelvinPerWatt, Unit::KelvinPerWatt),
                'V_drop = ' . QuantityPrinter::rounded($drop, Unit::Volt),
                'I = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                'T_junction = ' . QuantityPrinter::rounded($output->greatestCelsius, Unit::Celsius),
                'T_air = ' . QuantityPrinter::rounded($ambientCelsius, Unit::Celsius),
            ],
            $corner,
            $source,
        ))->outOf($output->greatestCelsius, $ambientCelsius + $rise($drop), Unit::Celsius);
        $over = static fn(string $label, string $symbol, float $other): Figure => (new Figure(
            $label,
            $amps / max($other, 1e-12),
            Unit::Ratio,
            'I ÷ ' . $symbol,
            ['I = ' . QuantityPrinter::rounded($amps, Unit::Ampere), $symbol . ' = ' . QuantityPrinter::rounded($other, Unit::Ampere)],
            'rated power',
            $source,
        ))->outOf($amps, $other, Unit::Ampere);

        return new self(
            new Margin(
                $figure($output->dropVolts->typ, 'typical drop, no heat sink'),
                $figure($output->dropVolts->max, 'greatest drop, no heat sink'),
            ),
            $over('appliance current over the least one', 'I_least', $output->leastAmps),
            $over('appliance current over the leakage', 'I_leakage', $output->leakageAmps),
        );
    }
}
