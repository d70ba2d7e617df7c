<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\DirectDrive;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** No driver at all: a coil, or the input of a solid-state relay, straight on the pin. */
final class PinAlone extends CoilCircuit
{
    public static function driver(): string
    {
        return DirectDrive::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        return new self($pin, $board->relay($actuator), $board->railVolts($actuator->rail));
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        if (null === $part && null !== $offer->relay->solidState) {
            yield new Candidate(
                'direct',
                'Straight on the pin',
                new DirectDrive(),
                [],
                0,
                0.0,
                0.0,
                'no part at all; the pin feeds the input of the solid-state relay',
            );
        }
    }

    public function built(): array
    {
        return [];
    }

    public function coil(): array
    {
        return [BuiltPart::PIN, BuiltPart::GROUND];
    }

    /** The coil between pin and ground: the pin would have to give the coil’s whole current. */
    public function result(Silicon $silicon, float $ambientCelsius): DriverResult
    {
        $coil = $this->relay->coilResistance;
        $amps = $this->pin->supply->typ / ($coil->typ + $this->pin->sourceResistance->typ);
        $greatest = $this->pin->supply->max / ($coil->min + $this->pin->sourceResistance->min);
        $least = $this->pin->supply->min * $coil->min / ($coil->min + $this->pin->sourceResistance->max);
        $inputs = [
            'V_DD = ' . QuantityPrinter::rounded($this->pin->supply->typ, Unit::Volt),
            'R_pin = ' . QuantityPrinter::rounded($this->pin->sourceResistance->typ, Unit::Ohm),
            'R_coil = ' . QuantityPrinter::rounded($this->relay->coilResistance->typ, Unit::Ohm),
        ];
        $pinAmps = new Figure(
            'greatest pin current',
            $greatest,
            Unit::Ampere,
            'V_DD ÷ (R_coil + R_pin)',
            $inputs,
            'highest pin supply, lowest coil resistance',
            HandOff::OHM,
        );

        return new DriverResult(
            HandOff::pinBears($silicon, $amps, $pinAmps),
            HandOff::pullIn(
                $this->relay,
                $amps * $this->relay->coilResistance->typ,
                $least,
                $ambientCelsius,
                $inputs,
                'lowest pin supply, greatest pin resistance',
                HandOff::OHM,
            ),
            HandOff::coilBears($this->relay, $amps * $this->relay->coilResistance->typ, $this->pin->supply->max, $ambientCelsius),
            new Figure('coil current', $amps, Unit::Ampere, 'V_DD ÷ (R_coil + R_pin)', $inputs, HandOff::NOMINAL, HandOff::OHM),
            $amps,
            $pinAmps,
            HandOff::hotRestart($this->relay, $amps * $this->relay->coilResistance->typ, $least, $ambientCelsius),
        );
    }

    public function nodeVolts(Thevenin $source, ?Level $towards, float $ambientCelsius): float
    {
        return $this->coilVolts($source, null);
    }

    protected function coilVolts(Thevenin $source, ?float $warmestCelsius): float
    {
        return $source->volts * $this->relay->coilResistance->typ / ($this->relay->coilResistance->typ + $source->ohms);
    }
}
