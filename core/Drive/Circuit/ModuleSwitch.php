<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\PinState;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Silicon;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** A ready-made module, whose inside is known by the currents of its part file only. */
final class ModuleSwitch extends DriverCircuit
{
    private const SQUARE_METRES = 600e-6;

    private readonly ModuleInput $input;

    public function __construct(PinElectrics $pin, Relay $relay, Spread $rail, OptoModuleInput $driver, OptoModule $module)
    {
        parent::__construct($pin, $relay, $rail);
        $this->input = new ModuleInput($module, $driver, $pin, $rail);
    }

    public static function driver(): string
    {
        return OptoModuleInput::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, OptoModuleInput::class);

        $module = $board->part($driver->module, OptoModule::class);

        return new self($pin, $board->relay($actuator), $board->railVolts($actuator->rail), $driver, $module);
    }

    /** With the jumper off, the inputs are fed by themselves and the coils through a pin of their own. */
    public function built(): array
    {
        return [new BuiltPart(
            'A',
            1,
            'relay module',
            $this->input->driver->separateSupply
                ? ['VCC' => BuiltPart::PIN_SUPPLY, 'IN%d' => BuiltPart::PIN, 'JD-VCC' => BuiltPart::RAIL, 'GND' => BuiltPart::GROUND]
                : ['VCC' => BuiltPart::RAIL, 'IN%d' => BuiltPart::PIN, 'GND' => BuiltPart::GROUND],
            part: $this->input->module,
            isShared: true,
        )];
    }

    /** A ready-made module switches nothing but its own relay. */
    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        if (!$part instanceof OptoModule || null === $offer->actuator->relay) {
            return;
        }
        foreach ($part->hasTriggerJumper ? [Level::Low, Level::High] : [$part->activeLevel] as $level) {
            yield new Candidate(
                'module:' . $part->identity->id . ':' . $level->value,
                $part->identity->name . ($part->hasTriggerJumper ? ', set active ' . $level->value : ''),
                new OptoModuleInput($part->identity->id, $level),
                [$part],
                0,
                self::SQUARE_METRES,
                $part->price,
                'nothing to solder; bulky, and its values are whatever was bought',
            );
        }
    }

    public function result(Silicon $silicon, float $ambientCelsius): DriverResult
    {
        $input = $this->input;
        $module = $input->module;
        $electrics = $this->pin;
        $isLow = $input->isActiveLow();
        $onOhms = $isLow ? $electrics->sinkResistance : $electrics->sourceResistance;
        $offOhms = $isLow ? $electrics->sourceResistance : $electrics->sinkResistance;
        $onPin = static fn(float $supply): float => $isLow ? 0.0 : $supply;
        $offPin = static fn(float $supply): float => $isLow ? $supply : 0.0;
        $on = $input->typical($onPin($electrics->supply->typ), $onOhms->typ);
        $onWorst = $input->least($onPin($electrics->supply->min), $onOhms->max);
        $off = $input->typical($offPin($electrics->supply->typ), $offOhms->typ);
        $offSupply = $input->driver->separateSupply ? $electrics->supply->max : $electrics->supply->min;
        $offWorst = $input->most($offPin($offSupply), $offOhms->min);
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
            'pin high = ' . QuantityPrinter::rounded($this->pin->supply->typ, Unit::Volt),
        ];
        $source = 'series circuit with exponential LEDs; currents of the module from its part file';
        $coil = $this->rail->typ - $module->coilDrop->typ;
        $coilWorst = $this->rail->min - $module->coilDrop->max;

        return new DriverResult(
            new Margin(
                (new Figure(
                    'input current over operate current',
                    $on / $module->operateAmps,
                    Unit::Ratio,
                    'I_in ÷ I_operate',
                    ['I_in = ' . QuantityPrinter::rounded($on, Unit::Ampere), ...$operates],
                    HandOff::NOMINAL,
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
            HandOff::pullIn(
                $this->relay,
                $coil,
                $coilWorst,
                $ambientCelsius,
                ['module’s own transistor keeps ' . QuantityPrinter::rounded($module->coilDrop->typ, Unit::Volt)],
                'lowest rail, greatest drop in the module, ' . QuantityPrinter::rounded($ambientCelsius, Unit::Celsius) . ' at the coil',
                $source,
            ),
            HandOff::coilBears($this->relay, $coil, $this->rail->max - $module->coilDrop->min, $ambientCelsius),
            new Figure(
                'coil current',
                $coil / $this->relay->coilResistance->typ,
                Unit::Ampere,
                '(V_rail − V_drop) ÷ R_coil',
                [
                    'V_rail = ' . QuantityPrinter::rounded($this->rail->typ, Unit::Volt),
                    'V_drop = ' . QuantityPrinter::rounded($module->coilDrop->typ, Unit::Volt),
                    'R_coil = ' . QuantityPrinter::rounded($this->relay->coilResistance->typ, Unit::Ohm),
                ],
                HandOff::NOMINAL,
                HandOff::OHM,
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
            HandOff::hotRestart($this->relay, $coil, $coilWorst, $ambientCelsius),
            staysOff: new Margin(
                (new Figure(
                    'release current over residual current',
                    $module->releaseAmps / max($off, 1e-12),
                    Unit::Ratio,
                    'I_release ÷ I_residual',
                    [...$releases, 'I_residual = ' . QuantityPrinter::rounded($off, Unit::Ampere)],
                    HandOff::NOMINAL,
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

    public function nodeVolts(Thevenin $source, ?Level $towards, float $ambientCelsius): float
    {
        $isMost = $towards === $this->input->driver->activeLevel->opposite();
        $amps = $isMost ? $this->input->most($source->volts, $source->ohms) : $this->input->typical($source->volts, $source->ohms);

        return $source->volts + ($this->input->isActiveLow() ? 1 : -1) * $source->ohms * $amps;
    }

    public function atStart(PinState $state, ?Thevenin $typical, ?Thevenin $worst, float $ambientCelsius): StartUpVerdict
    {
        $module = $this->input->module;
        $amps = null === $typical ? 0.0 : $this->input->typical($typical->volts, $typical->ohms);
        $greatest = null === $worst ? 0.0 : $this->input->most($worst->volts, $worst->ohms);
        $figure = new Figure(
            'module input current at start-up',
            $greatest,
            Unit::Ampere,
            '(V_supply − V_LEDs − V_pin) ÷ R',
            [
                'pin ' . $state->value,
                'V_pin = ' . QuantityPrinter::rounded($worst->volts ?? 0.0, Unit::Volt),
                'V_LEDs = ' . QuantityPrinter::rounded($this->input->ledVolts->min, Unit::Volt) . ' at 2 mA',
                'V_supply = ' . QuantityPrinter::rounded($this->input->supply->max, Unit::Volt),
                'R = ' . QuantityPrinter::rounded($module->seriesResistance->min, Unit::Ohm),
                'typical ' . QuantityPrinter::rounded($amps, Unit::Ampere),
                'releases for certain up to ' . QuantityPrinter::rounded($module->releaseAmps, Unit::Ampere),
            ],
            'highest supply, lowest LED voltages',
            'series circuit with exponential LEDs',
        );

        return new StartUpVerdict(match (true) {
            $amps >= $module->operateAmps => Movement::Certain,
            $greatest > $module->releaseAmps => Movement::Possible,
            default => Movement::None,
        }, $figure);
    }
}
