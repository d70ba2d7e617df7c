<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\StateSense;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What a line hears from behind its contact, over what its pin needs; and what the resistors before its coupler bear. */
final readonly class StateSensing
{
    /** The mains may lie so much below its nominal voltage (IEC 60038, from memory). */
    private const LOWEST_SHARE = 0.9;
    /** What years leave of the transfer ratio of a coupler (common practice, from memory). */
    private const AGED_RATIO = 0.7;
    /** The least peak that an input of a controller tells from its own noise (from memory). */
    private const LEAST_SENSED_VOLTS = 50e-3;
    /** A resistor for good takes this share of what it is made for (common practice). */
    private const HEAT_SHARE = 0.6;

    /**
     * @param ?Margin $heard null while it is not known what pulls the pin up
     * @param ?Figure $volts what each resistor is made for over the peak across it; null for a transformer
     * @param ?Figure $watts the same for heat
     */
    private function __construct(public ?Margin $heard, public ?Figure $volts, public ?Figure $watts) {}

    /**
     * @param float $amps of the appliance at its rated power
     * @param ?float $pullOhms what pulls the pin up; null where nothing is known to
     */
    public static function of(Board $board, Line $line, StateSense $sense, float $amps, ?float $pullOhms): self
    {
        if (null === $sense->coupler) {
            return new self(self::current($sense, $amps), null, null);
        }
        $volts = $board->system()->volts;
        $electrics = $board->siliconOf($sense->function)->electrics;
        $coupler = $board->part($sense->coupler, OptoCoupler::class);

        return new self(
            null === $pullOhms ? null : self::voltage($sense, $coupler, $volts, $electrics, $pullOhms),
            self::volts($sense, $volts),
            self::watts($sense, $volts),
        );
    }

    private static function voltage(StateSense $sense, OptoCoupler $coupler, float $volts, PinElectrics $electrics, float $pull): Margin
    {
        $low = $electrics->inputLowRatio;
        $of = static function (float $rms, float $ledVolts, float $ratio, float $supplyVolts, string $corner) use (
            $sense,
            $pull,
            $low
        ): Figure {
            $led = (M_SQRT2 * $rms - $ledVolts) / $sense->seriesOhms;
            $needed = (1 - $low) * $supplyVolts / $pull;

            return (new Figure(
                'collector current at the peak over what pulls the pin low',
                $led * $ratio / $needed,
                Unit::Ratio,
                '(√2 · U − U_LED) ÷ R · CTR ÷ ((V_DD − V_IL) ÷ R_pull)',
                [
                    'U = ' . QuantityPrinter::rounded($rms, Unit::Volt),
                    'U_LED = ' . QuantityPrinter::rounded($ledVolts, Unit::Volt),
                    'R = ' . QuantityPrinter::rounded($sense->seriesOhms, Unit::Ohm),
                    'CTR = ' . QuantityPrinter::rounded($ratio, Unit::Ratio),
                    'V_DD = ' . QuantityPrinter::rounded($supplyVolts, Unit::Volt),
                    'V_IL = ' . QuantityPrinter::rounded($low * $supplyVolts, Unit::Volt),
                    'R_pull = ' . QuantityPrinter::rounded($pull, Unit::Ohm),
                ],
                $corner,
                'Ohm’s law; transfer ratio from the part file of the coupler',
            ))->outOf($led * $ratio, $needed, Unit::Ampere);
        };

        return new Margin(
            $of($volts, $coupler->ledVolts->typ, $coupler->transferRatio->typ, $electrics->supply->typ, 'typical values'),
            $of(
                self::LOWEST_SHARE * $volts,
                $coupler->ledVolts->max,
                self::AGED_RATIO * $coupler->transferRatio->min,
                $electrics->supply->max,
                'mains 10 % low, least transfer ratio, aged',
            ),
        );
    }

    private static function current(StateSense $sense, float $amps): Margin
    {
        $of = static fn(float $flows, string $corner): Figure => (new Figure(
            'peak across the burden over what an input tells from noise',
            M_SQRT2 * $flows / $sense->turns * $sense->burdenOhms / self::LEAST_SENSED_VOLTS,
            Unit::Ratio,
            '√2 · I ÷ n · R ÷ U_least',
            [
                'I = ' . QuantityPrinter::rounded($flows, Unit::Ampere),
                'n = ' . $sense->turns,
                'R = ' . QuantityPrinter::rounded($sense->burdenOhms, Unit::Ohm),
                'U_least = ' . QuantityPrinter::rounded(self::LEAST_SENSED_VOLTS, Unit::Volt),
            ],
            $corner,
            'transformer law; noise of inputs from memory',
        ))->outOf(M_SQRT2 * $flows / $sense->turns * $sense->burdenOhms, self::LEAST_SENSED_VOLTS, Unit::Volt);

        return new Margin($of($amps, 'rated power'), $of(self::LOWEST_SHARE * $amps, 'mains 10 % low'));
    }

    private static function volts(StateSense $sense, float $volts): Figure
    {
        $each = M_SQRT2 * MainsSystem::HIGHEST_SHARE * $volts / $sense->resistors;

        return (new Figure(
            'voltage that each resistor is made for over the peak across it',
            $sense->resistorVolts / $each,
            Unit::Ratio,
            'U_rated ÷ (√2 · 1.1 · U ÷ n)',
            [
                'U_rated = ' . QuantityPrinter::rounded($sense->resistorVolts, Unit::Volt),
                'U = ' . QuantityPrinter::rounded($volts, Unit::Volt),
                'n = ' . $sense->resistors,
            ],
            'mains 10 % high',
            'Kirchhoff’s voltage law',
        ))->outOf($sense->resistorVolts, $each, Unit::Volt);
    }

    private static function watts(StateSense $sense, float $volts): Figure
    {
        $each = (MainsSystem::HIGHEST_SHARE * $volts) ** 2 / $sense->seriesOhms / $sense->resistors;
        $bears = self::HEAT_SHARE * $sense->resistorWatts;

        return (new Figure(
            'heat that each resistor takes for good over what it makes',
            $bears / $each,
            Unit::Ratio,
            '0.6 · P_rated ÷ ((1.1 · U)² ÷ R ÷ n)',
            [
                'P_rated = ' . QuantityPrinter::rounded($sense->resistorWatts, Unit::Watt),
                'U = ' . QuantityPrinter::rounded($volts, Unit::Volt),
                'R = ' . QuantityPrinter::rounded($sense->seriesOhms, Unit::Ohm),
                'n = ' . $sense->resistors,
            ],
            'mains 10 % high, both half-waves',
            'Joule’s law; 0.6 is common practice',
        ))->outOf($bears, $each, Unit::Watt);
    }
}
