<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Netlist\Bipolar;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Drive\Netlist\VoltageSource;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – PNP on the pin’s supply – NPN, the coil at its collector: on while the pin is low. */
final class InvertingSwitch extends SwitchCircuit
{
    public function __construct(
        PinElectrics $pin,
        Relay $relay,
        Spread $rail,
        private readonly InvertingPair $driver,
        private readonly Transistor $pnp,
        private readonly Transistor $npn,
    ) {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return InvertingPair::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, InvertingPair::class);

        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $driver,
            $board->part($driver->pnp, Transistor::class),
            $board->part($driver->npn, Transistor::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        $npn = $offer->npn();
        if (!$part instanceof Transistor || !$part->isPnp || null === $npn) {
            return;
        }
        yield new Candidate(
            'inverting:' . $part->identity->id,
            sprintf('%s and %s, inverting', $part->identity->name, $npn->identity->name),
            new InvertingPair(
                $part->identity->id,
                $npn->identity->id,
                Offer::below(($offer->pinVolts - 0.8) / $offer->firstBaseAmps()),
                Offer::below(($offer->pinVolts - 0.9) / $offer->baseAmps()),
            ),
            [$part, $npn],
            7,
            7 * Candidate::SMALL_SQUARE_METRES,
            $part->price + $npn->price,
            'active low, for a pin that must be high at reset',
            ['couplingOhms', 'inputOhms'],
        );
    }

    public function activeLevel(): Level
    {
        return Level::Low;
    }

    public function title(): string
    {
        return 'PNP and NPN, inverting';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoJunction(
            $this->driver->inputOhms * (1 - self::RESISTOR_TOLERANCE),
            self::JUNCTION_VOLTS,
            $this->driver->emitterBaseOhms * (1 - self::RESISTOR_TOLERANCE),
        );
    }

    protected function switch(): SwitchingPart
    {
        return $this->npn;
    }

    protected function ownParameters(): array
    {
        return [
            'inputOhms' => self::resistor('input resistor', $this->driver->inputOhms, -1),
            'couplingOhms' => self::resistor('coupling resistor', $this->driver->couplingOhms, -1),
            'emitterBaseOhms' => self::resistor('emitter–base resistor', $this->driver->emitterBaseOhms, 1),
            ...self::transistor('pnp', $this->pnp),
            ...self::transistor('npn', $this->npn),
            'collectorOhms' => new Parameter('collector resistance of the NPN', $this->npn->collectorResistance, Unit::Ohm, -1),
            ...self::baseEmitter($this->driver->baseEmitterOhms),
        ];
    }

    public function built(): array
    {
        return [
            BuiltPart::resistor(1, 'input resistor', $this->driver->inputOhms, 'pin', 'upper'),
            BuiltPart::resistor(2, 'emitter–base resistor', $this->driver->emitterBaseOhms, 'vdd', 'upper'),
            BuiltPart::bipolar(1, $this->pnp, 'pull', 'upper', 'vdd'),
            BuiltPart::resistor(3, 'coupling resistor', $this->driver->couplingOhms, 'pull', 'base'),
            ...self::hold(4, $this->driver->baseEmitterOhms),
            BuiltPart::bipolar(2, $this->npn, 'out', 'base', 'gnd'),
        ];
    }

    protected function elements(array $values): array
    {
        return [
            'dd' => new VoltageSource('vdd', $values['pinVolts']),
            'in' => new Resistor('pin', 'upper', $values['inputOhms']),
            'eb' => new Resistor('vdd', 'upper', $values['emitterBaseOhms']),
            'q1' => new Bipolar('pull', 'upper', 'vdd', $values['pnpSaturationAmps'], $values['pnpGain'], $this->pnp->reverseGain, true),
            'k' => new Resistor('pull', 'base', $values['couplingOhms']),
            'q2' => new Bipolar('inner', 'base', 'gnd', $values['npnSaturationAmps'], $values['npnGain'], $this->npn->reverseGain),
            'c' => new Resistor('out', 'inner', $values['collectorOhms']),
            'coil' => new Resistor('rail', 'out', $values['coilOhms']),
            ...self::shunt($values),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        return self::lowSide($point, $values, $pinAmps, 'pull');
    }
}
