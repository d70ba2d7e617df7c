<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Netlist\Element;
use IronLatch\Core\Drive\Netlist\Netlist;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Drive\Netlist\Solver;
use IronLatch\Core\Drive\Netlist\VoltageSource;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/**
 * A circuit between a pin and a coil that is built of single parts: its values with their spreads, its netlist, and its
 * operating point at any of them.
 */
abstract class SwitchCircuit extends CoilCircuit
{
    public const RESISTOR_TOLERANCE = 0.05;
    /** The least a conducting junction of these transistors drops. */
    protected const JUNCTION_VOLTS = 0.6;

    /**
     * @var array<string, array<string, float>> node voltages of the last point with the input high and low, from which the next is
     * sought
     */
    private array $guesses = [];

    /** The level at the pin that energises the coil. */
    abstract public function activeLevel(): Level;

    /** The part that carries the coil’s current. */
    abstract protected function switch(): SwitchingPart;

    /** What stands between pin and coil, in a few words. */
    abstract public function title(): string;

    /** A bound that no copy’s pin current exceeds, amperes: least resistance in the way, least drop of the junctions. */
    abstract public function greatestPinAmps(): float;

    /**
     * The values that this circuit has besides those of pin, rail and coil.
     *
     * @return array<string, Parameter>
     */
    abstract protected function ownParameters(): array;

    /**
     * The elements between the node “pin” and the coil, the coil included.
     *
     * @param array<string, float> $values
     * @return array<string, Element>
     */
    abstract protected function elements(array $values): array;

    /**
     * @param array<string, float> $values
     */
    abstract protected function read(Point $point, array $values, float $pinAmps): SwitchPoint;

    /**
     * Every value that differs from copy to copy.
     *
     * @return array<string, Parameter>
     */
    final public function parameters(): array
    {
        $isHigh = Level::High === $this->activeLevel();

        return [
            'pinVolts' => new Parameter('pin supply', $this->pin->supply, Unit::Volt, 1),
            'pinOhms' => new Parameter(
                'pin resistance',
                $isHigh ? $this->pin->sourceResistance : $this->pin->sinkResistance,
                Unit::Ohm,
                -1,
            ),
            'railVolts' => new Parameter('rail', $this->rail, Unit::Volt, 1),
            'coilOhms' => new Parameter('coil', $this->relay->coilResistance, Unit::Ohm, 1),
            ...$this->ownParameters(),
        ];
    }

    /**
     * @return array<string, float>
     */
    final public function typical(): array
    {
        return array_map(static fn(Parameter $parameter): float => $parameter->spread->typ, $this->parameters());
    }

    /**
     * The corner that hurts pulling in most, the coil at a temperature.
     *
     * @return array<string, float>
     */
    final public function worst(float $coilCelsius = 20.0): array
    {
        $values = array_map(static fn(Parameter $parameter): float => $parameter->worst(), $this->parameters());
        $values['coilOhms'] *= $this->relay->resistanceRatio($coilCelsius);

        return $this->aged($values, $coilCelsius);
    }

    /**
     * The corner that helps pulling in most, its junctions at a temperature: warm ones conduct at a lower voltage.
     *
     * @return array<string, float>
     */
    final public function best(float $celsius = Warmth::REFERENCE_CELSIUS): array
    {
        return array_map(static fn(Parameter $parameter): float => $parameter->best($celsius), $this->parameters());
    }

    /**
     * What years and warm air take from the values of the corner that hurts.
     *
     * @param array<string, float> $values
     * @return array<string, float>
     */
    protected function aged(array $values, float $celsius): array
    {
        return $values;
    }

    /**
     * The pin at the level that switches the coil on.
     *
     * @param array<string, float> $values
     */
    final public function on(array $values): SwitchPoint
    {
        return $this->at($values, Level::High === $this->activeLevel() ? $values['pinVolts'] : 0.0, $values['pinOhms']);
    }

    /**
     * The pin at the other level.
     *
     * @param array<string, float> $values
     */
    final public function off(array $values): SwitchPoint
    {
        $isHigh = Level::High === $this->activeLevel();

        return $this->at(
            $values,
            $isHigh ? 0.0 : $values['pinVolts'],
            $isHigh ? $this->pin->sinkResistance->typ : $this->pin->sourceResistance->typ,
        );
    }

    /**
     * The operating point with anything at the input.
     *
     * @param array<string, float> $values
     * @param float $sourceVolts open-circuit voltage of what drives the input, behind $sourceOhms
     */
    public function at(array $values, float $sourceVolts, float $sourceOhms): SwitchPoint
    {
        $state = $sourceVolts > $values['pinVolts'] / 2 ? 'high' : 'low';
        $point = Solver::solve($this->netlist($values, $sourceVolts, $sourceOhms), $this->guesses[$state] ?? []);
        $this->guesses[$state] = $point->volts;

        return $this->read($point, $values, ($sourceVolts - $point->at('pin')) / max($sourceOhms, 1e-3));
    }

    /** Solved at typical values, at the corner that hurts, and where the pin gives most. */
    final public function result(Silicon $silicon, float $ambientCelsius): DriverResult
    {
        $typical = $this->typical();
        $nominal = $this->on($typical);
        // Pull-in is hardest with the least drive, the least gain, the lowest rail and the coil that wants most current, warm.
        $hurt = $this->worst($ambientCelsius);
        $worst = $this->on($hurt);
        // The switch keeps most from its coil when that wants most current of all: cold, on the highest rail.
        $loaded = $this->on([...$this->worst(), 'railVolts' => $this->rail->max]);
        $strongest = $this->on($this->best());
        $off = $this->off($typical);
        $offWorst = $this->off([...$this->best(Warmth::warmest($ambientCelsius)), 'pinVolts' => $this->pin->supply->min]);
        $parameters = $this->parameters();
        $corner = [];
        foreach ($parameters as $name => $parameter) {
            if ($parameter->spread->min < $parameter->spread->max) {
                // The coil’s own warmth is named by itself.
                $corner[] = $parameter->label . ' ' . QuantityPrinter::rounded(
                    'coilOhms' === $name ? $parameter->worst() : $hurt[$name],
                    $parameter->unit,
                );
            }
        }
        $corner[] = QuantityPrinter::rounded($ambientCelsius, Unit::Celsius) . ' at the coil';
        $inputs = ['pin = ' . QuantityPrinter::rounded($this->pin->supply->typ, Unit::Volt) . ' behind ' . QuantityPrinter::rounded(
            $typical['pinOhms'],
            Unit::Ohm,
        )];
        foreach (array_slice($parameters, 4) as $parameter) {
            $inputs[] = $parameter->label . ' = ' . QuantityPrinter::rounded($parameter->spread->typ, $parameter->unit);
        }
        $pinAmps = new Figure(
            'greatest pin current',
            $this->greatestPinAmps(),
            Unit::Ampere,
            '(supply − junctions) ÷ (resistor in series + resistance of the pin)',
            $inputs,
            'highest pin supply, least resistance, least drop',
            HandOff::OHM,
        );
        $baseAmps = $nominal->baseAmps;

        return new DriverResult(
            HandOff::pinBears($silicon, abs($nominal->pinAmps), $pinAmps),
            HandOff::pullIn(
                $this->relay,
                $nominal->coilVolts,
                $worst->coilVolts,
                $ambientCelsius,
                $inputs,
                implode(', ', $corner),
                HandOff::MODEL,
            ),
            HandOff::coilBears($this->relay, $nominal->coilVolts, $this->rail->max - $strongest->switchVolts, $ambientCelsius),
            new Figure(
                'coil current',
                $nominal->coilAmps,
                Unit::Ampere,
                '(V_rail − V_switch) ÷ R_coil',
                [
                    'V_rail = ' . QuantityPrinter::rounded($this->rail->typ, Unit::Volt),
                    'V_switch = ' . QuantityPrinter::rounded($nominal->switchVolts, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($this->relay->coilResistance->typ, Unit::Ohm),
                ],
                HandOff::NOMINAL,
                HandOff::MODEL,
            ),
            abs($nominal->pinAmps),
            $pinAmps,
            HandOff::hotRestart($this->relay, $nominal->coilVolts, $worst->coilVolts, $ambientCelsius),
            // What stays as it was left lets go by no voltage.
            null === $this->relay->bistable
                ? HandOff::releases($this->relay, $off->coilVolts, $offWorst->coilVolts, $ambientCelsius)
                : null,
            null === $baseAmps ? null : new Figure(
                'forced gain',
                $this->rail->typ / $this->relay->coilResistance->typ / max($baseAmps, 1e-12),
                Unit::Ratio,
                '(V_rail ÷ R_coil) ÷ I_B',
                [
                    ...$inputs,
                    'V_rail = ' . QuantityPrinter::rounded($this->rail->typ, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($this->relay->coilResistance->typ, Unit::Ohm),
                    'I_B = ' . QuantityPrinter::rounded($baseAmps, Unit::Ampere),
                ],
                HandOff::NOMINAL,
                'common practice: 10 drives hard, 20 is tolerable',
            ),
            null === $baseAmps ? null : new Figure(
                'collector–emitter voltage',
                $loaded->switchVolts,
                Unit::Volt,
                'V_rail − I_C · R_coil',
                [
                    'V_rail = ' . QuantityPrinter::rounded($this->rail->typ, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($this->relay->coilResistance->typ, Unit::Ohm),
                    'I_C = ' . QuantityPrinter::rounded($loaded->coilAmps, Unit::Ampere),
                    'I_B = ' . QuantityPrinter::rounded($loaded->baseAmps ?? 0.0, Unit::Ampere),
                ],
                'least gain and drive, highest rail, cold coil of least resistance',
                HandOff::MODEL,
            ),
            switchWatts: new Figure(
                'heat in the switch',
                $loaded->switchVolts * $loaded->coilAmps,
                Unit::Watt,
                'V_switch · I_coil',
                [
                    'V_switch = ' . QuantityPrinter::rounded($loaded->switchVolts, Unit::Volt),
                    'I_coil = ' . QuantityPrinter::rounded($loaded->coilAmps, Unit::Ampere),
                ],
                'least drive, highest rail, cold coil',
                HandOff::MODEL,
            ),
            typicalSwitchWatts: $nominal->switchVolts * $nominal->coilAmps,
            gate: $this->gate($nominal, $worst, $strongest),
            switchBears: HandOff::switchBears($this->switch(), $this->relay, $this->rail),
        );
    }

    final public function nodeVolts(Thevenin $source, ?Level $towards, float $ambientCelsius): float
    {
        // Towards a low, the load takes as much as any copy of it can.
        $values = Level::Low === $towards ? [
            ...$this->best(Warmth::warmest($ambientCelsius)),
            'railVolts' => $this->rail->typ,
            'coilOhms' => $this->relay->coilResistance->typ,
        ] : $this->typical();

        return $source->volts - $source->ohms * $this->at($values, $source->volts, $source->ohms)->pinAmps;
    }

    final protected function coilVolts(Thevenin $source, ?float $warmestCelsius): float
    {
        return $this->at(
            null === $warmestCelsius ? $this->typical() : $this->best($warmestCelsius),
            $source->volts,
            $source->ohms,
        )->coilVolts;
    }

    /** What the gate of its MOSFET gets; null where none is in it. */
    protected function gate(SwitchPoint $typical, SwitchPoint $worst, SwitchPoint $strongest): ?GateDrive
    {
        return null;
    }

    /**
     * @param array<string, float> $values
     */
    final public function netlist(array $values, float $sourceVolts, float $sourceOhms): Netlist
    {
        return new Netlist($this->title(), [
            'source' => new VoltageSource('source', $sourceVolts),
            'pin' => new Resistor('source', 'pin', max($sourceOhms, 1e-3)),
            'rail' => new VoltageSource('rail', $values['railVolts']),
            ...$this->elements($values),
        ]);
    }

    /**
     * Current through a resistor into a junction that may be held down by a resistor across it.
     *
     * @param float $junctionVolts the least that the junction drops while it conducts
     * @param ?float $acrossOhms across the junction, at its least
     */
    protected function intoJunction(float $seriesOhms, float $junctionVolts, ?float $acrossOhms = null): float
    {
        $volts = $this->pin->supply->max;
        // A junction that the divider leaves below its own drop does not conduct, and is held no higher than that.
        $held = null === $acrossOhms ? $junctionVolts : min(
            $junctionVolts,
            $this->pin->supply->min * $acrossOhms
                / ($seriesOhms * (1 + self::RESISTOR_TOLERANCE) / (1 - self::RESISTOR_TOLERANCE) + $acrossOhms),
        );

        return max(0.0, $volts - $held) / ($seriesOhms + $this->parameters()['pinOhms']->spread->min);
    }

    /** The greatest current into the base of a transistor that stands on ground. */
    protected function intoBase(float $baseOhms, ?float $baseEmitterOhms): float
    {
        $least = 1 - self::RESISTOR_TOLERANCE;

        return $this->intoJunction($baseOhms * $least, self::JUNCTION_VOLTS, null === $baseEmitterOhms ? null : $baseEmitterOhms * $least);
    }

    /**
     * The point of a coil between the rail and an NPN “out” whose base is fed from another stage.
     *
     * @param array<string, float> $values
     * @param string $from the node behind the coupling resistor
     */
    protected static function lowSide(Point $point, array $values, float $pinAmps, string $from): SwitchPoint
    {
        $amps = $point->through('rail', 'out', $values['coilOhms']);
        $baseAmps = $point->through($from, 'base', $values['couplingOhms']) - self::shuntAmps($point, $values);

        return new SwitchPoint($pinAmps, $amps * $values['coilOhms'], $amps, $point->at('out'), $baseAmps, $point->volts);
    }

    /**
     * @return array<string, Parameter> gain and saturation current of one transistor of a pair
     */
    protected static function transistor(string $key, Transistor $transistor): array
    {
        $name = strtoupper($key);

        return [
            $key . 'Gain' => new Parameter('gain of the ' . $name, $transistor->gain, Unit::Ratio, 1, Warmth::Gain),
            $key . 'SaturationAmps' => new Parameter(
                'saturation current of the ' . $name,
                $transistor->saturationCurrent,
                Unit::Ampere,
                1,
                Warmth::Junction,
            ),
        ];
    }

    /**
     * @return list<BuiltPart> the resistor from base to ground, if one is fitted
     */
    protected static function hold(int $digit, ?float $ohms): array
    {
        return null === $ohms ? [] : [BuiltPart::resistor($digit, 'base–emitter resistor', $ohms, 'base', BuiltPart::GROUND)];
    }

    /**
     * @return array<string, Parameter> none where no resistor is fitted
     */
    protected static function baseEmitter(?float $ohms): array
    {
        return null === $ohms ? [] : ['baseEmitterOhms' => self::resistor('base–emitter resistor', $ohms, 1)];
    }

    /**
     * @param array<string, float> $values
     * @return array<string, Element> the resistor from base to ground, if one is fitted
     */
    protected static function shunt(array $values): array
    {
        return isset($values['baseEmitterOhms']) ? ['be' => new Resistor('base', 'gnd', $values['baseEmitterOhms'])] : [];
    }

    /** @param array<string, float> $values */
    protected static function shuntAmps(Point $point, array $values): float
    {
        return isset($values['baseEmitterOhms']) ? $point->at('base') / $values['baseEmitterOhms'] : 0.0;
    }

    protected static function resistor(string $label, float $ohms, int $helps): Parameter
    {
        return new Parameter($label, Spread::tolerance($ohms, self::RESISTOR_TOLERANCE), Unit::Ohm, $helps);
    }
}
