<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Netlist\Bipolar;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – base resistor – NPN, the coil at the collector. */
final class NpnSwitch extends SwitchCircuit
{
    private const USUAL_BASE_OHMS = 470.0;
    private const USUAL_HOLD_OHMS = 10e3;

    public function __construct(
        PinElectrics $pin,
        Relay $relay,
        Spread $rail,
        private readonly NpnLowSide $driver,
        private readonly Transistor $transistor,
    ) {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return NpnLowSide::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, NpnLowSide::class);

        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $driver,
            $board->part($driver->transistor, Transistor::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        if (!$part instanceof Transistor || $part->isPnp) {
            return;
        }
        yield new Candidate(
            'npn:' . $part->identity->id,
            $part->identity->name,
            new NpnLowSide($part->identity->id, self::USUAL_BASE_OHMS, self::USUAL_HOLD_OHMS),
            [$part],
            4,
            4 * Candidate::SMALL_SQUARE_METRES,
            $part->price,
            'cheapest; a few milliamperes from the pin',
        );
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'NPN low side';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoBase($this->driver->baseOhms, $this->driver->baseEmitterOhms);
    }

    protected function switch(): SwitchingPart
    {
        return $this->transistor;
    }

    protected function ownParameters(): array
    {
        return [
            'baseOhms' => self::resistor('base resistor', $this->driver->baseOhms, -1),
            'gain' => new Parameter('gain', $this->transistor->gain, Unit::Ratio, 1, Warmth::Gain),
            'saturationAmps' => new Parameter(
                'saturation current',
                $this->transistor->saturationCurrent,
                Unit::Ampere,
                1,
                Warmth::Junction,
            ),
            'collectorOhms' => new Parameter('collector resistance', $this->transistor->collectorResistance, Unit::Ohm, -1),
            ...self::baseEmitter($this->driver->baseEmitterOhms),
        ];
    }

    /** Two nodes only: solved by their own equations, ten times as fast as by the netlist. */
    public function at(array $values, float $sourceVolts, float $sourceOhms): SwitchPoint
    {
        $point = NpnOperatingPoint::solve(new NpnCircuit(
            $sourceVolts,
            $values['baseOhms'] + $sourceOhms,
            $values['baseEmitterOhms'] ?? null,
            $values['railVolts'],
            $values['coilOhms'],
            $values['collectorOhms'],
            $values['gain'],
            $this->transistor->reverseGain,
            $values['saturationAmps'],
        ));

        return new SwitchPoint($point->driveAmps, $point->coilVolts, $point->collectorAmps, $point->collectorVolts, $point->baseAmps, [
            'pin' => $sourceVolts - $point->driveAmps * $sourceOhms,
            'base' => $point->baseVolts,
            'out' => $point->collectorVolts,
            'rail' => $values['railVolts'],
        ]);
    }

    public function built(): array
    {
        return [
            BuiltPart::resistor(1, 'base resistor', $this->driver->baseOhms, 'pin', 'base'),
            ...self::hold(2, $this->driver->baseEmitterOhms),
            BuiltPart::bipolar(1, $this->transistor, 'out', 'base', 'gnd'),
        ];
    }

    protected function elements(array $values): array
    {
        return [
            'base' => new Resistor('pin', 'base', $values['baseOhms']),
            'q1' => new Bipolar('inner', 'base', 'gnd', $values['saturationAmps'], $values['gain'], $this->transistor->reverseGain),
            'c' => new Resistor('out', 'inner', $values['collectorOhms']),
            'coil' => new Resistor('rail', 'out', $values['coilOhms']),
            ...self::shunt($values),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        $amps = $point->through('rail', 'out', $values['coilOhms']);

        return new SwitchPoint(
            $pinAmps,
            $amps * $values['coilOhms'],
            $amps,
            $point->at('out'),
            $pinAmps - self::shuntAmps($point, $values),
            $point->volts,
        );
    }
}
