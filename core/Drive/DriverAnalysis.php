<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** The hand-offs from pin to driver to coil of every relay on a board, at typical values and at the worst corner. */
final readonly class DriverAnalysis
{
    public const RESISTOR_TOLERANCE = 0.05;
    /** The least a conducting junction of these transistors drops. */
    private const JUNCTION_VOLTS = 0.6;
    private const NOMINAL = 'typical values, 20 °C';
    private const MODEL = 'Ebers–Moll transport model; pin as its supply behind (VDD − V_OH) ÷ rated current';
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
            $key = serialize([$actuator->driver, $actuator->relay, $board->rails[$actuator->rail]->supply, $silicon->identity->id, $silicon->electrics->supply]);
            $results[$id] = $same[$key] ??= self::result($board, $actuator);
        }

        return new self($results);
    }

    /** The hand-offs of one relay, which need not be on the board: remedies try their proposals with it. */
    public static function result(Board $board, Actuator $actuator): DriverResult
    {
        $silicon = $board->siliconOf($actuator->function);
        $relay = $board->relay($actuator);
        $rail = $board->supply($actuator->rail)->output;
        $ambient = is_float($board->ambient->value) ? $board->ambient->value : 40.0;
        $driver = $actuator->driver;

        return match (true) {
            $driver instanceof NpnLowSide => self::npn($silicon, $relay, $rail, $ambient, $driver, $board->transistor($driver)),
            $driver instanceof OptoModuleInput => self::module($silicon, $relay, $rail, $ambient, $board->module($driver)),
            default => self::direct($silicon, $relay, $rail, $ambient),
        };
    }

    private static function npn(Silicon $silicon, Relay $relay, Spread $rail, float $ambient, NpnLowSide $driver, Transistor $transistor): DriverResult
    {
        $hot = 1 + Relay::COPPER_PER_KELVIN * ($ambient - 20);
        $nominal = NpnOperatingPoint::solve(new NpnCircuit(
            $silicon->electrics->supply->typ,
            $driver->baseOhms + $silicon->electrics->sourceResistance->typ,
            $driver->baseEmitterOhms,
            $rail->typ,
            $relay->coilResistance->typ,
            $transistor->collectorResistance->typ,
            $transistor->gain->typ,
            $transistor->reverseGain,
            $transistor->saturationCurrent->typ,
        ));
        $at = static fn(float $railVolts, float $coilOhms): NpnOperatingPoint => NpnOperatingPoint::solve(new NpnCircuit(
            $silicon->electrics->supply->min,
            $driver->baseOhms * (1 + self::RESISTOR_TOLERANCE) + $silicon->electrics->sourceResistance->max,
            null === $driver->baseEmitterOhms ? null : $driver->baseEmitterOhms * (1 - self::RESISTOR_TOLERANCE),
            $railVolts,
            $coilOhms,
            $transistor->collectorResistance->max,
            $transistor->gain->min,
            $transistor->reverseGain,
            $transistor->saturationCurrent->min,
        ));
        // Pull-in is hardest with the least drive, the least gain, the lowest rail and the coil that wants most current, warm.
        $worst = $at($rail->min, $relay->coilResistance->min * $hot);
        // The transistor keeps most from its coil when that wants most current of all: cold, on the highest rail.
        $loaded = $at($rail->max, $relay->coilResistance->min);
        $worstCorner = sprintf(
            'gain %s, pin supply %s, rail %s, base resistor +%d %%, coil %s at 20 °C, %s at the coil',
            QuantityPrinter::rounded($transistor->gain->min, Unit::Ratio),
            QuantityPrinter::rounded($silicon->electrics->supply->min, Unit::Volt),
            QuantityPrinter::rounded($rail->min, Unit::Volt),
            (int) (self::RESISTOR_TOLERANCE * 100),
            QuantityPrinter::rounded($relay->coilResistance->min, Unit::Ohm),
            QuantityPrinter::rounded($ambient, Unit::Celsius),
        );
        $baseInputs = [
            'R_B = ' . QuantityPrinter::rounded($driver->baseOhms, Unit::Ohm),
            'R_BE = ' . (null === $driver->baseEmitterOhms ? 'none' : QuantityPrinter::rounded($driver->baseEmitterOhms, Unit::Ohm)),
            'pin = ' . QuantityPrinter::rounded($silicon->electrics->supply->typ, Unit::Volt) . ' behind ' . QuantityPrinter::rounded($silicon->electrics->sourceResistance->typ, Unit::Ohm),
            'V_BE = ' . QuantityPrinter::rounded($nominal->baseVolts, Unit::Volt),
        ];
        $least = $driver->baseOhms * (1 - self::RESISTOR_TOLERANCE) + $silicon->electrics->sourceResistance->min;
        // A junction that the divider leaves below 0.6 V does not conduct, and then holds the base no higher than the divider does.
        $junctionVolts = null === $driver->baseEmitterOhms ? self::JUNCTION_VOLTS : min(self::JUNCTION_VOLTS, $silicon->electrics->supply->min * $driver->baseEmitterOhms * (1 - self::RESISTOR_TOLERANCE) / ($driver->baseOhms * (1 + self::RESISTOR_TOLERANCE) + $driver->baseEmitterOhms));
        $greatestPinAmps = ($silicon->electrics->supply->max - $junctionVolts) / $least;
        $pinAmps = new Figure('greatest pin current', $greatestPinAmps, Unit::Ampere, '(VDD − V_BE) ÷ (R_B + R_pin), V_BE at most 0.6 V', $baseInputs, 'highest pin supply, base resistor −5 %', self::OHM);

        return new DriverResult(
            self::pinBears($silicon, $nominal->driveAmps, $pinAmps),
            self::pullIn($relay, $nominal->coilVolts, $worst->coilVolts, $ambient, $baseInputs, $worstCorner, self::MODEL),
            self::coilBears($relay, $nominal->coilVolts, $rail->max - 0.02),
            new Figure('coil current', $nominal->collectorAmps, Unit::Ampere, '(V_rail − V_CE) ÷ R_coil', ['V_CE = ' . QuantityPrinter::rounded($nominal->collectorVolts, Unit::Volt), 'R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm)], self::NOMINAL, self::MODEL),
            $nominal->driveAmps,
            $pinAmps,
            new Figure('forced gain', $rail->typ / $relay->coilResistance->typ / max($nominal->baseAmps, 1e-12), Unit::Ratio, '(V_rail ÷ R_coil) ÷ I_B', [...$baseInputs, 'I_B = ' . QuantityPrinter::rounded($nominal->baseAmps, Unit::Ampere)], self::NOMINAL, 'common practice: 10 drives hard, 20 is tolerable'),
            new Figure('collector–emitter voltage', $loaded->collectorVolts, Unit::Volt, 'V_rail − I_C · R_coil', ['I_C = ' . QuantityPrinter::rounded($loaded->collectorAmps, Unit::Ampere), 'I_B = ' . QuantityPrinter::rounded($loaded->baseAmps, Unit::Ampere)], 'least gain and drive, highest rail, cold coil of least resistance', self::MODEL),
        );
    }

    private static function module(Silicon $silicon, Relay $relay, Spread $rail, float $ambient, OptoModule $module): DriverResult
    {
        $leds = $module->indicatorVolts->max > 0 ? 2 : 1;
        $amps = static fn(float $supply, float $series, float $ledVolts, float $node, float $ohms): float
            => OptoInput::amps($supply, $series, $ledVolts, $leds, $node, $ohms);
        $led = $module->indicatorVolts->plus($module->optoVolts);
        $on = $amps($rail->typ, $module->seriesResistance->typ, $led->typ, 0.0, $silicon->electrics->sinkResistance->typ);
        $onWorst = $amps($rail->min, $module->seriesResistance->max, $led->max, 0.0, $silicon->electrics->sinkResistance->max);
        $off = $amps($rail->typ, $module->seriesResistance->typ, $led->typ, $silicon->electrics->supply->typ, $silicon->electrics->sourceResistance->typ);
        $offWorst = $amps($rail->max, $module->seriesResistance->min, $led->min, $silicon->electrics->supply->min, $silicon->electrics->sourceResistance->min);
        $inputs = [
            'series resistor = ' . QuantityPrinter::rounded($module->seriesResistance->typ, Unit::Ohm),
            'LEDs = ' . QuantityPrinter::rounded($led->typ, Unit::Volt) . ' at 2 mA',
            'module supply = ' . QuantityPrinter::rounded($rail->typ, Unit::Volt),
        ];
        $operates = [...$inputs, 'operates for certain from ' . QuantityPrinter::rounded($module->operateAmps, Unit::Ampere), 'gets ' . QuantityPrinter::rounded($on, Unit::Ampere)];
        $releases = [...$inputs, 'releases for certain up to ' . QuantityPrinter::rounded($module->releaseAmps, Unit::Ampere), 'pin high = ' . QuantityPrinter::rounded($silicon->electrics->supply->typ, Unit::Volt)];
        $source = 'series circuit with exponential LEDs; currents of the module from its part file';
        $coil = $rail->typ - $module->coilDrop->typ;
        $coilWorst = $rail->min - $module->coilDrop->max;

        return new DriverResult(
            new Margin(
                new Figure('input current over operate current', $on / $module->operateAmps, Unit::Ratio, 'I_in ÷ I_operate', $operates, self::NOMINAL, $source),
                new Figure('input current over operate current', $onWorst / $module->operateAmps, Unit::Ratio, 'I_in ÷ I_operate', $operates, 'lowest supply, highest LED voltages and resistor', $source),
            ),
            self::pullIn($relay, $coil, $coilWorst, $ambient, ['module’s own transistor keeps ' . QuantityPrinter::rounded($module->coilDrop->typ, Unit::Volt)], 'lowest rail, greatest drop in the module, ' . QuantityPrinter::rounded($ambient, Unit::Celsius) . ' at the coil', $source),
            self::coilBears($relay, $coil, $rail->max - $module->coilDrop->min),
            new Figure('coil current', $coil / $relay->coilResistance->typ, Unit::Ampere, '(V_rail − V_drop) ÷ R_coil', ['R_coil = ' . QuantityPrinter::rounded($relay->coilResistance->typ, Unit::Ohm)], self::NOMINAL, self::OHM),
            $on,
            new Figure('greatest pin current', $amps($rail->max, $module->seriesResistance->min, $led->min, 0.0, 0.0), Unit::Ampere, '(V_supply − V_LEDs) ÷ R', $inputs, 'highest supply, lowest LED voltages', $source),
            staysOff: new Margin(
                new Figure('release current over residual current', $module->releaseAmps / max($off, 1e-12), Unit::Ratio, 'I_release ÷ I_residual', [...$releases, 'residual = ' . QuantityPrinter::rounded($off, Unit::Ampere)], self::NOMINAL, $source),
                new Figure('release current over residual current', $module->releaseAmps / max($offWorst, 1e-12), Unit::Ratio, 'I_release ÷ I_residual', [...$releases, 'residual = ' . QuantityPrinter::rounded($offWorst, Unit::Ampere)], 'highest supply, lowest LED voltages, lowest pin supply', $source),
            ),
        );
    }

    /** The coil between pin and ground: the pin would have to give the coil's whole current. */
    private static function direct(Silicon $silicon, Relay $relay, Spread $rail, float $ambient): DriverResult
    {
        $amps = $silicon->electrics->supply->typ / ($relay->coilResistance->typ + $silicon->electrics->sourceResistance->typ);
        $greatest = $silicon->electrics->supply->max / ($relay->coilResistance->min + $silicon->electrics->sourceResistance->min);
        $least = $silicon->electrics->supply->min * $relay->coilResistance->min / ($relay->coilResistance->min + $silicon->electrics->sourceResistance->max);
        $inputs = ['pin = ' . QuantityPrinter::rounded($silicon->electrics->supply->typ, Unit::Volt) . ' behind ' . QuantityPrinter::rounded($silicon->electrics->sourceResistance->typ, Unit::Ohm)];
        $pinAmps = new Figure('greatest pin current', $greatest, Unit::Ampere, 'VDD ÷ (R_coil + R_pin)', $inputs, 'highest pin supply, lowest coil resistance', self::OHM);

        return new DriverResult(
            self::pinBears($silicon, $amps, $pinAmps),
            self::pullIn($relay, $amps * $relay->coilResistance->typ, $least, $ambient, $inputs, 'lowest pin supply, greatest pin resistance', self::OHM),
            self::coilBears($relay, $amps * $relay->coilResistance->typ, $silicon->electrics->supply->max),
            new Figure('coil current', $amps, Unit::Ampere, 'VDD ÷ (R_coil + R_pin)', $inputs, self::NOMINAL, self::OHM),
            $amps,
            $pinAmps,
        );
    }

    private static function pinBears(Silicon $silicon, float $amps, Figure $greatest): Margin
    {
        $inputs = ['a pin may carry ' . QuantityPrinter::rounded($silicon->electrics->plannedPinAmps, Unit::Ampere), 'it carries ' . QuantityPrinter::rounded($amps, Unit::Ampere) . ', at most ' . $greatest->printed()];
        $source = 'limits of ' . $silicon->identity->name . ', ' . $silicon->identity->basis->words();

        return new Margin(
            new Figure('permitted over actual pin current', $silicon->electrics->plannedPinAmps / max($amps, 1e-12), Unit::Ratio, 'I_permitted ÷ I_pin', $inputs, self::NOMINAL, $source),
            new Figure('permitted over actual pin current', $silicon->electrics->plannedPinAmps / max($greatest->value, 1e-12), Unit::Ratio, 'I_permitted ÷ I_pin', $inputs, $greatest->corner, $source),
        );
    }

    /**
     * @param list<string> $inputs
     */
    private static function pullIn(Relay $relay, float $volts, float $worstVolts, float $ambient, array $inputs, string $worstCorner, string $source): Margin
    {
        $cold = $relay->operateVolts(20.0);
        $warm = $relay->operateVolts(max(20.0, $ambient));

        return new Margin(
            new Figure('coil voltage over operate voltage', $volts / $cold, Unit::Ratio, 'V_coil ÷ V_operate', [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($volts, Unit::Volt), 'V_operate = ' . QuantityPrinter::rounded($cold, Unit::Volt)], self::NOMINAL, $source),
            new Figure('coil voltage over operate voltage', $worstVolts / $warm, Unit::Ratio, 'V_coil ÷ (V_operate · (1 + 0.0039·ΔT))', ['V_coil = ' . QuantityPrinter::rounded($worstVolts, Unit::Volt), 'V_operate = ' . QuantityPrinter::rounded($warm, Unit::Volt)], $worstCorner, $source),
        );
    }

    private static function coilBears(Relay $relay, float $volts, float $greatestVolts): Margin
    {
        $limit = $relay->greatestRatio * $relay->coilVolts;
        $inputs = ['the coil bears ' . QuantityPrinter::rounded($limit, Unit::Volt)];
        $source = $relay->identity->name . ', ' . $relay->identity->basis->words();

        return new Margin(
            new Figure('permitted over actual coil voltage', $limit / max($volts, 1e-6), Unit::Ratio, 'V_greatest ÷ V_coil', [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($volts, Unit::Volt)], self::NOMINAL, $source),
            new Figure('permitted over actual coil voltage', $limit / max($greatestVolts, 1e-6), Unit::Ratio, 'V_greatest ÷ V_coil', [...$inputs, 'V_coil = ' . QuantityPrinter::rounded($greatestVolts, Unit::Volt)], 'highest rail', $source),
        );
    }

    /** The level that the pin has while the relay is off, as the maker states it; null when that is unknown. */
    public static function idleLevel(Actuator $actuator): ?Level
    {
        return $actuator->activeLevel->value instanceof Level ? $actuator->activeLevel->value->opposite() : null;
    }
}
