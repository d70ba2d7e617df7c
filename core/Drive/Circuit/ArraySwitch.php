<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Drive\Netlist\Bipolar;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** One channel of a Darlington array: input resistor, two transistors with their base–emitter resistors, the coil at the output. */
final class ArraySwitch extends SwitchCircuit
{
    /** Built-in resistors across the bases of the two transistors (data sheet of the ULN2003A class, from memory). */
    private const FIRST_OHMS = 7.2e3;
    private const SECOND_OHMS = 3e3;
    private const REVERSE_GAIN = 3.0;

    public function __construct(PinElectrics $pin, Relay $relay, Spread $rail, private readonly DarlingtonArray $array)
    {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return ArrayChannel::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $board->part(self::recordOf($actuator, ArrayChannel::class)->array, DarlingtonArray::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        if ($part instanceof DarlingtonArray) {
            yield new Candidate(
                'array:' . $part->identity->id,
                $part->identity->name,
                new ArrayChannel($part->identity->id),
                [$part],
                1,
                Candidate::PACKAGE_SQUARE_METRES,
                $part->price / $part->channels,
                'fewest parts; keeps about a volt from the coil',
            );
        }
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'Darlington array';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoJunction($this->array->inputOhms->min, 2 * self::JUNCTION_VOLTS, self::FIRST_OHMS + self::SECOND_OHMS);
    }

    protected function switch(): SwitchingPart
    {
        return $this->array;
    }

    protected static function needsALevel(): bool
    {
        return true;
    }

    protected function ownParameters(): array
    {
        return [
            'inputOhms' => new Parameter('input resistor', $this->array->inputOhms, Unit::Ohm, -1),
            'gain' => new Parameter('gain of each transistor', $this->array->gain, Unit::Ratio, 1, Warmth::Gain),
            'saturationAmps' => new Parameter('saturation current', $this->array->saturationCurrent, Unit::Ampere, 1, Warmth::Junction),
            'collectorOhms' => new Parameter('output resistance', $this->array->collectorResistance, Unit::Ohm, -1),
        ];
    }

    public function built(): array
    {
        return [new BuiltPart(
            'U',
            3,
            'Darlington array',
            ['%dB' => 'pin', 'E' => 'gnd', 'COM' => 'rail', '%dC' => 'out'],
            part: $this->array,
            isShared: true,
        )];
    }

    protected function elements(array $values): array
    {
        return [
            'in' => new Resistor('pin', 'first', $values['inputOhms']),
            'q1' => new Bipolar('inner', 'first', 'second', $values['saturationAmps'], $values['gain'], self::REVERSE_GAIN),
            'q2' => new Bipolar('inner', 'second', 'gnd', $values['saturationAmps'], $values['gain'], self::REVERSE_GAIN),
            'b1' => new Resistor('first', 'second', self::FIRST_OHMS),
            'b2' => new Resistor('second', 'gnd', self::SECOND_OHMS),
            'c' => new Resistor('out', 'inner', $values['collectorOhms']),
            'coil' => new Resistor('rail', 'out', $values['coilOhms']),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        $amps = $point->through('rail', 'out', $values['coilOhms']);

        return new SwitchPoint($pinAmps, $amps * $values['coilOhms'], $amps, $point->at('out'), null, $point->volts);
    }
}
