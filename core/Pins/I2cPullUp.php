<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\I2cFacts;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * The pull-ups of an I2C bus: small enough to lift the wires in time, large enough for every device to pull them low.
 *
 * R_min = (V_DD − V_OL) ÷ I_OL with V_OL = 0.4 V at 3 mA; R_max = t_r ÷ (0.8473 · C_bus) with t_r = 1000 ns up to 100 kHz and
 * 300 ns up to 400 kHz (I2C-bus specification UM10204, section 7.1; from memory, held against its worked values in the tests).
 */
final readonly class I2cPullUp
{
    private const LOW_VOLTS = 0.4;
    private const LOW_AMPS = 3e-3;
    private const RISE_FACTOR = 0.8473;
    public const STANDARD_HERTZ = 100e3;
    private const STANDARD_RISE_SECONDS = 1000e-9;
    private const FAST_RISE_SECONDS = 300e-9;
    public const RESISTOR_TOLERANCE = 0.05;
    /** Capacitance of the controller's own pin (common data, from memory). */
    private const CONTROLLER_FARADS = 10e-12;
    private const SOURCE = 'I2C-bus specification UM10204, section 7.1, from memory';

    /**
     * @param float $leastOhms R_min
     * @param float $greatestOhms R_max
     * @param ?Margin $overLeast the fitted resistor over R_min; null where none is fitted
     * @param ?Margin $underGreatest R_max over the fitted resistor
     */
    private function __construct(
        public float $leastOhms,
        public float $greatestOhms,
        public float $busFarads,
        public ?Margin $overLeast,
        public ?Margin $underGreatest,
    ) {}

    public static function leastOhms(float $volts): float
    {
        return ($volts - self::LOW_VOLTS) / self::LOW_AMPS;
    }

    public static function greatestOhms(float $hertz, float $farads): float
    {
        return self::riseSeconds($hertz) / (self::RISE_FACTOR * $farads);
    }

    private static function riseSeconds(float $hertz): float
    {
        return $hertz > self::STANDARD_HERTZ ? self::FAST_RISE_SECONDS : self::STANDARD_RISE_SECONDS;
    }

    public static function of(Board $board, string $group): self
    {
        $bus = $board->groups[$group]->i2c ?? throw new \LogicException('This group is no I2C bus.');
        $supply = $board->controller()->chip->electrics->supply;
        $farads = self::CONTROLLER_FARADS + (is_float($bus->wireFarads->value) ? $bus->wireFarads->value : 0.0);
        foreach ($board->expanders as $fitted) {
            $farads += $fitted->bus === $group ? $board->part($fitted->part, Expander::class)->inputFarads : 0.0;
        }
        $least = self::leastOhms($supply->typ);
        $greatest = self::greatestOhms($bus->hertz, $farads);

        return new self(
            $least,
            $greatest,
            $farads,
            null === $bus->pullUpOhms ? null : self::overLeast($bus, $bus->pullUpOhms, $supply->typ, $supply->max),
            null === $bus->pullUpOhms ? null : self::underGreatest($bus, $bus->pullUpOhms, $greatest, $farads),
        );
    }

    private static function overLeast(I2cFacts $bus, float $ohms, float $volts, float $greatestVolts): Margin
    {
        $figure = static fn(float $fitted, float $supply, string $corner): Figure => new Figure(
            'pull-up over the least one',
            $fitted / self::leastOhms($supply),
            Unit::Ratio,
            'R ÷ ((V_DD − 0.4 V) ÷ 3 mA)',
            [
                'R = ' . QuantityPrinter::rounded($ohms, Unit::Ohm),
                'V_DD = ' . QuantityPrinter::rounded($supply, Unit::Volt),
                'R_min = ' . QuantityPrinter::rounded(self::leastOhms($supply), Unit::Ohm),
            ],
            $corner,
            self::SOURCE,
        );

        return new Margin(
            $figure($ohms, $volts, 'typical values'),
            $figure($ohms * (1 - self::RESISTOR_TOLERANCE), $greatestVolts, 'resistor −5 %, highest supply'),
        );
    }

    private static function underGreatest(I2cFacts $bus, float $ohms, float $greatest, float $farads): Margin
    {
        $figure = static fn(float $fitted, string $corner): Figure => new Figure(
            'greatest pull-up over the fitted one',
            $greatest / $fitted,
            Unit::Ratio,
            't_r ÷ (0.8473 · C_bus) ÷ R',
            [
                't_r = ' . QuantityPrinter::rounded(self::riseSeconds($bus->hertz), Unit::Second),
                'R = ' . QuantityPrinter::rounded($ohms, Unit::Ohm),
                'C_bus = ' . QuantityPrinter::rounded($farads, Unit::Farad),
                QuantityPrinter::rounded($bus->hertz, Unit::Hertz),
                'R_max = ' . QuantityPrinter::rounded($greatest, Unit::Ohm),
            ],
            $corner,
            self::SOURCE,
        );

        return new Margin($figure($ohms, 'typical values'), $figure($ohms * (1 + self::RESISTOR_TOLERANCE), 'resistor +5 %'));
    }
}
