<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\MosfetHighSide;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\PMosfet;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Netlist\Bipolar;
use IronLatch\Core\Drive\Netlist\FieldEffect;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – NPN – p-channel MOSFET, the load between its drain and ground. */
final class MosfetHighSideSwitch extends SwitchCircuit
{
    private const USUAL_HOLD_OHMS = 10e3;
    private const USUAL_GATE_OHMS = 100.0;
    private const BASE_VOLTS = 0.7;

    public function __construct(
        PinElectrics $pin,
        Relay $relay,
        Spread $rail,
        private readonly MosfetHighSide $driver,
        private readonly Transistor $npn,
        private readonly PMosfet $mosfet,
    ) {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return MosfetHighSide::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, MosfetHighSide::class);

        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $driver,
            $board->part($driver->npn, Transistor::class),
            $board->part($driver->mosfet, PMosfet::class),
        );
    }

    /** Where the rail is more than the gate bears, gate resistor and pull-up halve it. */
    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        $npn = $offer->npn();
        if (!$part instanceof PMosfet || null === $npn) {
            return;
        }
        $pullUpAmps = $offer->railVolts / self::USUAL_HOLD_OHMS;
        $gain = $offer->board->houseRules->forcedGain;
        yield new Candidate(
            'mosfet-high:' . $part->identity->id,
            sprintf('%s and %s, high side', $npn->identity->name, $part->identity->name),
            new MosfetHighSide(
                $npn->identity->id,
                $part->identity->id,
                Offer::below(($offer->pinVolts - self::BASE_VOLTS) / ($pullUpAmps / $gain + self::BASE_VOLTS / self::USUAL_HOLD_OHMS)),
                $offer->railVolts > $part->greatestGateVolts ? self::USUAL_HOLD_OHMS : self::USUAL_GATE_OHMS,
            ),
            [$npn, $part],
            7,
            7 * Candidate::SMALL_SQUARE_METRES,
            $npn->price + $part->price,
            'the load has one end on ground, as strips and fans with a common negative want it; next to no drop',
        );
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'NPN and p-channel MOSFET, high side';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoBase($this->driver->baseOhms, $this->driver->baseEmitterOhms);
    }

    protected function switch(): SwitchingPart
    {
        return $this->mosfet;
    }

    protected function gate(SwitchPoint $typical, SwitchPoint $worst, SwitchPoint $strongest): GateDrive
    {
        $volts = static fn(SwitchPoint $point): float => $point->nodes['rail'] - $point->nodes['gate'];

        return new GateDrive($this->mosfet, $volts($typical), $volts($worst), $volts($strongest));
    }

    protected function ownParameters(): array
    {
        return [
            'baseOhms' => self::resistor('base resistor', $this->driver->baseOhms, -1),
            'gateOhms' => self::resistor('gate resistor', $this->driver->gateOhms, -1),
            'pullUpOhms' => self::resistor('gate pull-up', $this->driver->pullUpOhms, 1),
            ...self::transistor('npn', $this->npn),
            'thresholdVolts' => new Parameter('threshold', $this->mosfet->thresholdVolts, Unit::Volt, -1, Warmth::Threshold),
            ...self::baseEmitter($this->driver->baseEmitterOhms),
        ];
    }

    public function built(): array
    {
        return [
            BuiltPart::resistor(1, 'base resistor', $this->driver->baseOhms, 'pin', 'base'),
            ...self::hold(2, $this->driver->baseEmitterOhms),
            BuiltPart::bipolar(1, $this->npn, 'pull', 'base', 'gnd'),
            BuiltPart::resistor(3, 'gate resistor', $this->driver->gateOhms, 'pull', 'gate'),
            BuiltPart::resistor(4, 'gate pull-up', $this->driver->pullUpOhms, 'rail', 'gate'),
            BuiltPart::mosfet(2, $this->mosfet, 'gate', 'out', 'rail'),
        ];
    }

    public function coil(): array
    {
        return ['out', 'gnd'];
    }

    protected function elements(array $values): array
    {
        return [
            'base' => new Resistor('pin', 'base', $values['baseOhms']),
            'q1' => new Bipolar('pull', 'base', 'gnd', $values['npnSaturationAmps'], $values['npnGain'], $this->npn->reverseGain),
            'g' => new Resistor('gate', 'pull', $values['gateOhms']),
            'pu' => new Resistor('rail', 'gate', $values['pullUpOhms']),
            'm1' => new FieldEffect('out', 'gate', 'rail', $values['thresholdVolts'], $this->mosfet->transconductance(), true),
            'coil' => new Resistor('out', 'gnd', $values['coilOhms']),
            ...self::shunt($values),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        $out = $point->at('out');

        return new SwitchPoint($pinAmps, $out, $out / $values['coilOhms'], $values['railVolts'] - $out, null, $point->volts);
    }
}
