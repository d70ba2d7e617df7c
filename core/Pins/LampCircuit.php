<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampFacts;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** A lamp of the board, solved: the loop of its feed, its diode, its resistor and the pin. */
final readonly class LampCircuit
{
    /**
     * @param Spread $amps while it is lit
     * @param float $dimAmps while its pin tries to keep it dark, at the greatest rail
     */
    private function __construct(
        public LampColour $colour,
        public Spread $amps,
        public float $dimAmps,
        private string $feed,
        private float $feedVolts,
        private float $ohms,
        private float $pinOhms,
    ) {}

    /** Null while its resistor or its colour is not stated. */
    public static function of(Board $board, LampFacts $lamp, Pin $pin): ?self
    {
        $ohms = $lamp->ohms?->value;
        if (!is_float($ohms) || null === $lamp->colour) {
            return null;
        }
        $electrics = $pin->silicon->electrics;
        $volts = null === $lamp->rail ? $electrics->supply : $board->railVolts($lamp->rail);
        $inside = null === $lamp->rail ? $electrics->sourceResistance : $electrics->sinkResistance;
        $forward = $lamp->colour->forwardVolts();
        $loop = static fn(float $feed, float $diode, float $pinOhms): float => max(0.0, $feed - $diode) / max(1.0, $ohms + $pinOhms);

        return new self(
            $lamp->colour,
            new Spread(
                $loop($volts->min, $forward->max, $inside->max),
                $loop($volts->typ, $forward->typ, $inside->typ),
                $loop($volts->max, $forward->min, $inside->min),
            ),
            null === $lamp->rail
                ? 0.0
                : $loop($volts->max - $electrics->supply->min, $forward->min, $electrics->sourceResistance->min),
            null === $lamp->rail ? 'its pin' : $board->nameOf($lamp->rail),
            $volts->typ,
            $ohms,
            $inside->typ,
        );
    }

    /** Of the resistor, at the greatest current. */
    public function watts(): float
    {
        return $this->amps->max ** 2 * $this->ohms;
    }

    public function figure(string $label, float $amps, string $corner): Figure
    {
        return new Figure(
            $label,
            $amps,
            Unit::Ampere,
            '(V_feed − V_F) ÷ (R + R_pin)',
            [
                sprintf('V_feed = %s, from %s', QuantityPrinter::rounded($this->feedVolts, Unit::Volt), $this->feed),
                'R_pin = ' . QuantityPrinter::rounded($this->pinOhms, Unit::Ohm),
                sprintf(
                    'V_F = %s to %s, %s',
                    QuantityPrinter::rounded($this->colour->forwardVolts()->min, Unit::Volt),
                    QuantityPrinter::rounded($this->colour->forwardVolts()->max, Unit::Volt),
                    $this->colour->value,
                ),
                'R = ' . QuantityPrinter::rounded($this->ohms, Unit::Ohm),
            ],
            $corner,
            'Ohm’s law; forward voltages as usual in data sheets, from memory',
        );
    }

    /**
     * The least resistor of the usual series of twelve with which the pin is well within what is planned for it.
     *
     * @param ?string $rail that feeds the lamp; null where its pin does
     */
    public static function ohmsFor(Board $board, LampColour $colour, ?string $rail, Pin $pin, float $wantedAmps): float
    {
        $volts = null === $rail ? $pin->silicon->electrics->supply->typ : $board->railVolts($rail)->typ;
        $wanted = max(10.0, ($volts - $colour->forwardVolts()->typ) / $wantedAmps);
        for ($decade = 10.0; $decade < 1e6; $decade *= 10) {
            foreach ([1.0, 1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 3.9, 4.7, 5.6, 6.8, 8.2] as $step) {
                if ($step * $decade >= $wanted) {
                    return round($step * $decade, 3);
                }
            }
        }

        return 1e6;
    }
}
