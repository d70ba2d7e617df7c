<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Drive\Circuit\Warmth;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** The hand-offs from pin to driver to coil of every relay on a board, at typical values and at the worst corner. */
final readonly class DriverAnalysis
{
    /** How much a coil warms itself in a long hold (house rule, from memory). */
    public const COIL_RISE_KELVIN = 35.0;
    private const NOMINAL = 'typical values, 20 °C';
    private const MODEL = 'operating point, transistors by the Ebers–Moll transport model; pin as its supply behind (VDD − V_OH) ÷ rated current';
    private const OHM = 'Ohm’s law';

    /**
     * @param array<string, DriverResult> $results by relay
     */
    private function __construct(public array $results) {}

    public static function of(Board $board): self
    {
        $results = [];
        $same = [];
        foreach ($board->actuators() as $id => [, $actuator]) {
            // Lines are usually alike: equal circuits are solved once.
            $silicon = $board->siliconOf($actuator->function);
            $key = serialize([
                $actuator->driver,
                $actuator->relay ?? $board->relay($actuator),
                $actuator->paired,
                $board->railVolts($actuator->rail),
                $silicon->identity->id,
                $silicon->electrics->supply,
            ]);
            $results[$id] = $same[$key] ??= self::result($board, $actuator);
        }

        return new self($results);
    }

    /** The hand-offs of one relay, which need not be on the board: remedies try their proposals with it. */
    public static function result(Board $board, Actuator $actuator): DriverResult
    {
        $silicon = $board->siliconOf($actuator->function);
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail);
        $ambient = $board->ambientCelsius();
        $driver = $actuator->driver;

        $circuit = Circuits::of($board, $actuator);

        return match (true) {
            null !== $circuit => self::circuit($silicon, $relay, $rail, $ambient, $circuit, $board->switchOf($driver)),
            $driver instanceof OptoModuleInput => self::module($silicon, $relay, $rail, $ambient, $board->module($driver), $driver),
            default => self::direct($silicon, $relay, $rail, $ambient),
        };
    }

    /** A circuit of single parts: solved at typical values, at the corner that hurts, and where the pin gives most. */
    private static function circuit(
        Silicon $silicon,
        Relay $relay,
        Spread $rail,
        float $ambient,
        SwitchCircuit $circuit,
        Transistor|Mosfet|DarlingtonArray|BridgeDriver|null $switch,
    ): DriverResult {
        $typical = $circuit->typical();
        $nominal = $circuit->on($typical);
        // Pull-in is hardest with the least drive, the least gain, the lowest rail and the coil that wants most current, warm.
        $hurt = $circuit->worst($ambient);
        $worst = $circuit->on($hurt);
        // The switch keeps most from its coil when that wants most current of all: cold, on the highest rail.
        $loaded = $circuit->on([...$circuit->worst(), 'railVolts' => $rail->max]);
        $strongest = $circuit->on($circuit->best());
        $off = $circuit->off($typical);
        $offWorst = $circuit->off([...$circuit->best(Warmth::warmest($ambient)), 'pinVolts' => $silicon->electrics->supply->min]);
        $parameters = $circuit->parameters();
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
        $corner[] = QuantityPrinter::rounded($ambient, Unit::Celsius) . ' at the coil';
        $inputs = ['pin = ' . QuantityPrinter::rounded($silicon->electrics->supply->typ, Unit::Volt) . ' behind ' . QuantityPrinter::rounded($typical['pinOhms'], Unit::Ohm)];
        foreach (array_slice($parameters, 4) as $parameter) {
            $inputs[] = $parameter->label . ' = ' . QuantityPrinter::rounded($parameter->spread->typ, $parameter->unit);
        }
        $pinAmps = new Figure(
            'greatest pin current',
            $circuit->greatestPinAmps(),
            Unit::Ampere,
            '(supply − junctions) ÷ (resistor in series + resistance of the pin)',
            $inputs,
            'highest pin supply, least resistance, least drop',
            self::OHM,
        );
        $baseAmps = $nominal->baseAmps;

        return new DriverResult(
            self::pinBears($silicon, abs($nominal->pinAmps), $pinAmps),
            self::pullIn($relay, $nominal->coilVolts, $worst->coilVolts, $ambient, $inputs, implode(', ', $corner), self::MODEL),
            self::coilBears($relay, $nominal->coilVolts, $rail->max - $strongest->switchVolts, $ambient),
            new Figure(
                'coil current',
                $nominal->coilAmps,
                Unit::Ampere,
                '(V_rail − V_switch) ÷ R_coil',
                [
                    'V_rail = ' . QuantityPrinter::rounded($rail->typ, Unit::Volt),
                    'V_switch = ' . QuantityPrinter::rounded($nominal->switchVolts, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm),
                ],
                self::NOMINAL,
                self::MODEL,
            ),
            abs($nominal->pinAmps),
            $pinAmps,
            self::hotRestart($relay, $nominal->coilVolts, $worst->coilVolts, $ambient),
            // What stays as it was left lets go by no voltage.
            null === $relay->bistable ? self::releases($relay, $off->coilVolts, $offWorst->coilVolts, $ambient) : null,
            null === $baseAmps ? null : new Figure(
                'forced gain',
                $rail->typ / $relay->coilResistance->typ / max($baseAmps, 1e-12),
                Unit::Ratio,
                '(V_rail ÷ R_coil) ÷ I_B',
                [
                    ...$inputs,
                    'V_rail = ' . QuantityPrinter::rounded($rail->typ, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm),
                    'I_B = ' . QuantityPrinter::rounded($baseAmps, Unit::Ampere),
                ],
                self::NOMINAL,
                'common practice: 10 drives hard, 20 is tolerable',
            ),
            null === $baseAmps ? null : new Figure(
                'collector–emitter voltage',
                $loaded->switchVolts,
                Unit::Volt,
                'V_rail − I_C · R_coil',
                [
                    'V_rail = ' . QuantityPrinter::rounded($rail->typ, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm),
                    'I_C = ' . QuantityPrinter::rounded($loaded->coilAmps, Unit::Ampere),
                    'I_B = ' . QuantityPrinter::rounded($loaded->baseAmps ?? 0.0, Unit::Ampere),
                ],
                'least gain and drive, highest rail, cold coil of least resistance',
                self::MODEL,
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
                self::MODEL,
            ),
            typicalSwitchWatts: $nominal->switchVolts * $nominal->coilAmps,
            gateVolts: isset($nominal->nodes['gate']) ? [$nominal->nodes['gate'], $worst->nodes['gate']] : null,
            switchBears: null === $switch ? null : self::switchBears($switch, $relay, $rail),
        );
    }

    private static function module(
        Silicon $silicon,
        Relay $relay,
        Spread $rail,
        float $ambient,
        OptoModule $module,
        OptoModuleInput $driver,
    ): DriverResult {
        $input = new ModuleInput($module, $driver, $silicon->electrics, $rail);
        $electrics = $silicon->electrics;
        $isLow = $input->isActiveLow();
        $onOhms = $isLow ? $electrics->sinkResistance : $electrics->sourceResistance;
        $offOhms = $isLow ? $electrics->sourceResistance : $electrics->sinkResistance;
        $onPin = static fn(float $supply): float => $isLow ? 0.0 : $supply;
        $offPin = static fn(float $supply): float => $isLow ? $supply : 0.0;
        $on = $input->typical($onPin($electrics->supply->typ), $onOhms->typ);
        $onWorst = $input->least($onPin($electrics->supply->min), $onOhms->max);
        $off = $input->typical($offPin($electrics->supply->typ), $offOhms->typ);
        $offWorst = $input->most($offPin($driver->separateSupply ? $electrics->supply->max : $electrics->supply->min), $offOhms->min);
        $greatest = $input->most($onPin($electrics->supply->max), 0.0);
        $led = $input->ledVolts;
        $supplied = $input->supply;
        $inputs = [
            'R = ' . QuantityPrinter::rounded($module->seriesResistance->typ, Unit::Ohm),
            'V_LEDs = ' . QuantityPrinter::rounded($led->typ, Unit::Volt) . ' at 2 mA',
            'V_supply = ' . QuantityPrinter::rounded($supplied->typ, Unit::Volt),
        ];
        $operates = [...$inputs, 'I_operate = ' . QuantityPrinter::rounded($module->operateAmps, Unit::Ampere),];
        $releases = [
            ...$inputs,
            'I_release = ' . QuantityPrinter::rounded($module->releaseAmps, Unit::Ampere),
            'pin high = ' . QuantityPrinter::rounded($silicon->electrics->supply->typ, Unit::Volt),
        ];
        $source = 'series circuit with exponential LEDs; currents of the module from its part file';
        $coil = $rail->typ - $module->coilDrop->typ;
        $coilWorst = $rail->min - $module->coilDrop->max;

        return new DriverResult(
            new Margin(
                (new Figure(
                    'input current over operate current',
                    $on / $module->operateAmps,
                    Unit::Ratio,
                    'I_in ÷ I_operate',
                    ['I_in = ' . QuantityPrinter::rounded($on, Unit::Ampere), ...$operates],
                    self::NOMINAL,
                    $source,
                ))->outOf($on, $module->operateAmps, Unit::Ampere),
                (new Figure(
                    'input current over operate current',
                    $onWorst / $module->operateAmps,
                    Unit::Ratio,
                    'I_in ÷ I_operate',
                    ['I_in = ' . QuantityPrinter::rounded($onWorst, Unit::Ampere), ...$operates],
                    'lowest supply, highest LED voltages and resistor',
                    $source,
                ))->outOf($onWorst, $module->operateAmps, Unit::Ampere),
            ),
            self::pullIn(
                $relay,
                $coil,
                $coilWorst,
                $ambient,
                ['module’s own transistor keeps ' . QuantityPrinter::rounded($module->coilDrop->typ, Unit::Volt)],
                'lowest rail, greatest drop in the module, ' . QuantityPrinter::rounded($ambient, Unit::Celsius) . ' at the coil',
                $source,
            ),
            self::coilBears($relay, $coil, $rail->max - $module->coilDrop->min, $ambient),
            new Figure(
                'coil current',
                $coil / $relay->coilResistance->typ,
                Unit::Ampere,
                '(V_rail − V_drop) ÷ R_coil',
                [
                    'V_rail = ' . QuantityPrinter::rounded($rail->typ, Unit::Volt),
                    'V_drop = ' . QuantityPrinter::rounded($module->coilDrop->typ, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm),
                ],
                self::NOMINAL,
                self::OHM,
            ),
            $on,
            new Figure(
                'greatest pin current',
                $greatest,
                Unit::Ampere,
                '(V_supply − V_LEDs) ÷ R',
                $inputs,
                'highest supply, lowest LED voltages',
                $source,
            ),
            self::hotRestart($relay, $coil, $coilWorst, $ambient),
            staysOff: new Margin(
                (new Figure(
                    'release current over residual current',
                    $module->releaseAmps / max($off, 1e-12),
                    Unit::Ratio,
                    'I_release ÷ I_residual',
                    [...$releases, 'I_residual = ' . QuantityPrinter::rounded($off, Unit::Ampere)],
                    self::NOMINAL,
                    $source,
                ))->outOf($module->releaseAmps, $off, Unit::Ampere),
                (new Figure(
                    'release current over residual current',
                    $module->releaseAmps / max($offWorst, 1e-12),
                    Unit::Ratio,
                    'I_release ÷ I_residual',
                    [...$releases, 'I_residual = ' . QuantityPrinter::rounded($offWorst, Unit::Ampere)],
                    'highest supply, lowest LED voltages, lowest pin supply',
                    $source,
                ))->outOf($module->releaseAmps, $offWorst, Unit::Ampere),
            ),
        );
    }

    /** The coil between pin and ground: the pin would have to give the coil's whole current. */
    private static function direct(Silicon $silicon, Relay $relay, Spread $rail, float $ambient): DriverResult
    {
        $amps = $silicon->electrics->supply->typ / ($relay->coilResistance->typ + $silicon->electrics->sourceResistance->typ);
        $greatest = $silicon->electrics->supply->max / ($relay->coilResistance->min + $silicon->electrics->sourceResistance->min);
        $least = $silicon->electrics->supply->min * $relay->coilResistance->min / ($relay->coilResistance->min + $silicon->electrics->sourceResistance->max);
        $inputs = [
            'V_DD = ' . QuantityPrinter::rounded($silicon->electrics->supply->typ, Unit::Volt),
            'R_pin = ' . QuantityPrinter::rounded($silicon->electrics->sourceResistance->typ, Unit::Ohm),
            'R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm),
        ];
        $pinAmps = new Figure(
            'greatest pin current',
            $greatest,
            Unit::Ampere,
            'V_DD ÷ (R_coil + R_pin)',
            $inputs,
            'highest pin supply, lowest coil resistance',
            self::OHM,
        );

        return new DriverResult(
            self::pinBears($silicon, $amps, $pinAmps),
            self::pullIn(
                $relay,
                $amps * $relay->coilResistance->typ,
                $least,
                $ambient,
                $inputs,
                'lowest pin supply, greatest pin resistance',
                self::OHM,
            ),
            self::coilBears($relay, $amps * $relay->coilResistance->typ, $silicon->electrics->supply->max, $ambient),
            new Figure('coil current', $amps, Unit::Ampere, 'V_DD ÷ (R_coil + R_pin)', $inputs, self::NOMINAL, self::OHM),
            $amps,
            $pinAmps,
            self::hotRestart($relay, $amps * $relay->coilResistance->typ, $least, $ambient),
        );
    }

    /** Pull-in once more after a long hold: the coil has warmed itself and wants a higher voltage. */
    private static function hotRestart(Relay $relay, float $volts, float $worstVolts, float $ambient): Margin
    {
        $celsius = $ambient + self::COIL_RISE_KELVIN;
        $needed = $relay->operateVolts($celsius);
        $inputs = [
            sprintf(
                'coil at %s: %s of air and %s of its own',
                QuantityPrinter::rounded($celsius, Unit::Celsius),
                QuantityPrinter::rounded($ambient, Unit::Celsius),
                QuantityPrinter::rounded(self::COIL_RISE_KELVIN, Unit::Celsius),
            ),
            'V_operate = ' . QuantityPrinter::rounded($needed, Unit::Volt) . ', that at 20 °C · (1 + 0.0039·ΔT)',
        ];
        $source = 'copper, 0.39 %/K; 35 K of the coil’s own heat, from memory';

        return new Margin(
            (new Figure(
                'coil voltage over hot operate voltage',
                $volts / $needed,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($volts, Unit::Volt)],
                'typical values, coil hot',
                $source,
            ))->outOf($volts, $needed, Unit::Volt),
            (new Figure(
                'coil voltage over hot operate voltage',
                $worstVolts / $needed,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($worstVolts, Unit::Volt)],
                'the corner that hurts, coil hot',
                $source,
            ))->outOf($worstVolts, $needed, Unit::Volt),
        );
    }

    /** What is left on the coil while the pin is at its off level, against the voltage at which the relay must have released. */
    private static function releases(Relay $relay, float $volts, float $worstVolts, float $ambient): Margin
    {
        $limit = $relay->releaseRatio * $relay->coilVolts;
        $figure = static fn(float $left, string $corner): Figure => (new Figure(
            'release voltage over what is left',
            $limit / max($left, 1e-6),
            Unit::Ratio,
            'V_release ÷ V_coil',
            ['V_release = ' . QuantityPrinter::rounded($limit, Unit::Volt), 'V_coil = ' . QuantityPrinter::rounded($left, Unit::Volt)],
            $corner,
            self::MODEL,
        ))->outOf($limit, $left, Unit::Volt);

        return new Margin(
            $figure($volts, self::NOMINAL),
            $figure(
                $worstVolts,
                sprintf(
                    'greatest gain at %s, pin at its worst off level',
                    QuantityPrinter::rounded(Warmth::warmest($ambient), Unit::Celsius),
                ),
            ),
        );
    }

    private static function pinBears(Silicon $silicon, float $amps, Figure $greatest): Margin
    {
        $inputs = [
            'I_permitted = ' . QuantityPrinter::rounded($silicon->electrics->plannedPinAmps, Unit::Ampere),
            'I_pin = ' . QuantityPrinter::rounded($amps, Unit::Ampere) . ', at most ' . $greatest->printed(),
        ];
        $source = 'limits of ' . $silicon->identity->name . ', ' . $silicon->identity->basis->words();

        return new Margin(
            new Figure(
                'permitted over actual pin current',
                $silicon->electrics->plannedPinAmps / max($amps, 1e-12),
                Unit::Ratio,
                'I_permitted ÷ I_pin',
                $inputs,
                self::NOMINAL,
                $source,
            ),
            new Figure(
                'permitted over actual pin current',
                $silicon->electrics->plannedPinAmps / max($greatest->value, 1e-12),
                Unit::Ratio,
                'I_permitted ÷ I_pin',
                $inputs,
                $greatest->corner,
                $source,
            ),
        );
    }

    /**
     * @param list<string> $inputs
     */
    private static function pullIn(
        Relay $relay,
        float $volts,
        float $worstVolts,
        float $ambient,
        array $inputs,
        string $worstCorner,
        string $source,
    ): Margin {
        $cold = $relay->operateVolts(20.0);
        $warm = $relay->operateVolts(max(20.0, $ambient));

        return new Margin(
            (new Figure(
                'coil voltage over operate voltage',
                $volts / $cold,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [
                    ...$inputs,
                    'V_coil = ' . QuantityPrinter::rounded($volts, Unit::Volt),
                    'V_operate = ' . QuantityPrinter::rounded($cold, Unit::Volt),
                ],
                self::NOMINAL,
                $source,
            ))->outOf($volts, $cold, Unit::Volt),
            (new Figure(
                'coil voltage over operate voltage',
                $worstVolts / $warm,
                Unit::Ratio,
                'V_coil ÷ V_operate',
                [
                    'V_coil = ' . QuantityPrinter::rounded($worstVolts, Unit::Volt),
                    'V_operate = ' . QuantityPrinter::rounded($warm, Unit::Volt) . ', that at 20 °C · (1 + 0.0039·ΔT)',
                ],
                $worstCorner,
                $source,
            ))->outOf($worstVolts, $warm, Unit::Volt),
        );
    }

    private static function switchBears(Transistor|Mosfet|DarlingtonArray|BridgeDriver $switch, Relay $relay, Spread $rail): Margin
    {
        $figure = static fn(float $amps, string $corner): Figure => (new Figure(
            'rated over actual current of the switch',
            $switch->greatestAmps / $amps,
            Unit::Ratio,
            'I_rated ÷ I_coil',
            [
                'I_rated = ' . QuantityPrinter::rounded($switch->greatestAmps, Unit::Ampere),
                'I_coil = ' . QuantityPrinter::rounded($amps, Unit::Ampere),
            ],
            $corner,
            $switch->identity->name . ', ' . $switch->identity->basis->words(),
        ))->outOf($switch->greatestAmps, $amps, Unit::Ampere);

        return new Margin(
            $figure($rail->typ / $relay->coilResistance->typ, self::NOMINAL),
            $figure($rail->max / $relay->coilResistance->min, 'highest rail, lowest coil resistance'),
        );
    }

    private static function coilBears(Relay $relay, float $volts, float $greatestVolts, float $ambient): Margin
    {
        $cold = $relay->greatestCoilVolts(20.0);
        $warm = $relay->greatestCoilVolts(max(20.0, $ambient));
        $figure = static fn(float $limit, float $has, string $corner): Figure => (new Figure(
            'permitted over actual coil voltage',
            $limit / max($has, 1e-6),
            Unit::Ratio,
            'V_greatest ÷ V_coil',
            ['V_greatest = ' . QuantityPrinter::rounded($limit, Unit::Volt), 'V_coil = ' . QuantityPrinter::rounded($has, Unit::Volt)],
            $corner,
            $relay->identity->name . ', ' . $relay->identity->basis->words() . '; less in warm air',
        ))->outOf($has, $limit, Unit::Volt);

        return new Margin(
            $figure($cold, $volts, self::NOMINAL),
            $figure($warm, $greatestVolts, sprintf('highest rail, %s of air', QuantityPrinter::rounded($ambient, Unit::Celsius))),
        );
    }

    /** The level that the pin has while the relay is off, as the maker states it; null when that is unknown. */
    public static function idleLevel(Actuator $actuator): ?Level
    {
        return $actuator->activeLevel->value instanceof Level ? $actuator->activeLevel->value->opposite() : null;
    }
}
