<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Drive\Netlist\ThresholdSwitch;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – input of a full bridge; the winding between its outputs, both switches that conduct taken as one. */
final class BridgeSwitch extends SwitchCircuit
{
    public function __construct(PinElectrics $pin, Relay $relay, Spread $rail, private readonly BridgeDriver $bridge)
    {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return BridgeOutput::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $board->part(self::recordOf($actuator, BridgeOutput::class)->bridge, BridgeDriver::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        if ($part instanceof BridgeDriver) {
            yield new Candidate(
                'bridge:' . $part->identity->id,
                $part->identity->name,
                new BridgeOutput($part->identity->id),
                [$part],
                1,
                Candidate::PACKAGE_SQUARE_METRES,
                $part->price,
                'turns the current round: the only way for a relay with one winding',
            );
        }
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'Full bridge, one way';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoJunction($this->bridge->inputOhms->min, 0.0);
    }

    protected function switch(): SwitchingPart
    {
        return $this->bridge;
    }

    protected function ownParameters(): array
    {
        return [
            'inputOhms' => new Parameter('bridge input', $this->bridge->inputOhms, Unit::Ohm, 1),
            'thresholdVolts' => new Parameter('input threshold', $this->bridge->thresholdVolts, Unit::Volt, -1),
            'outputOhms' => new Parameter('bridge outputs', $this->bridge->outputOhms, Unit::Ohm, -1),
        ];
    }

    /** The input is a divider and switches the output or does not, so the point is two of Ohm’s laws. */
    public function at(array $values, float $sourceVolts, float $sourceOhms): SwitchPoint
    {
        $pinAmps = $sourceVolts / ($sourceOhms + $values['inputOhms']);
        $pin = $pinAmps * $values['inputOhms'];
        $switchOhms = $pin > $values['thresholdVolts'] ? $values['outputOhms'] : ThresholdSwitch::OFF_OHMS;
        $amps = $values['railVolts'] / ($values['coilOhms'] + $switchOhms);
        $out = $values['railVolts'] - $amps * $values['coilOhms'];

        return new SwitchPoint(
            $pinAmps,
            $amps * $values['coilOhms'],
            $amps,
            $out,
            null,
            ['pin' => $pin, 'out' => $out, 'rail' => $values['railVolts']],
        );
    }

    public function built(): array
    {
        return [new BuiltPart(
            'U',
            4,
            'full bridge',
            ['VM' => 'rail', 'OUT1' => 'out', 'OUT2' => 'other', 'GND' => 'gnd', 'IN%d' => 'pin', 'VCC' => 'vdd', 'nSLEEP' => 'vdd'],
            part: $this->bridge,
            isShared: true,
        )];
    }

    public function coil(): array
    {
        return ['other', 'out'];
    }

    protected function elements(array $values): array
    {
        return [
            'in' => new Resistor('pin', 'gnd', $values['inputOhms']),
            'u1' => new ThresholdSwitch('out', 'gnd', 'pin', $values['thresholdVolts'], $values['outputOhms']),
            'coil' => new Resistor('rail', 'out', $values['coilOhms']),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        $amps = $point->through('rail', 'out', $values['coilOhms']);

        return new SwitchPoint($pinAmps, $amps * $values['coilOhms'], $amps, $point->at('out'), null, $point->volts);
    }
}
