<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Netlist\Bipolar;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – NPN – PNP, the coil between the PNP’s collector and ground. */
final class HighSideSwitch extends SwitchCircuit
{
    public function __construct(
        PinElectrics $pin,
        Relay $relay,
        Spread $rail,
        private readonly HighSidePair $driver,
        private readonly Transistor $npn,
        private readonly Transistor $pnp,
    ) {
        parent::__construct($pin, $relay, $rail);
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'NPN and PNP, high side';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoJunction(
            $this->driver->baseOhms * (1 - self::RESISTOR_TOLERANCE),
            self::JUNCTION_VOLTS,
            null === $this->driver->baseEmitterOhms ? null : $this->driver->baseEmitterOhms * (1 - self::RESISTOR_TOLERANCE),
        );
    }

    protected function ownParameters(): array
    {
        return [
            'baseOhms' => self::resistor('base resistor', $this->driver->baseOhms, -1),
            'couplingOhms' => self::resistor('coupling resistor', $this->driver->couplingOhms, -1),
            'emitterBaseOhms' => self::resistor('emitter–base resistor', $this->driver->emitterBaseOhms, 1),
            ...self::transistor('npn', $this->npn),
            ...self::transistor('pnp', $this->pnp),
            'collectorOhms' => new Parameter('collector resistance of the PNP', $this->pnp->collectorResistance, Unit::Ohm, -1),
            ...self::baseEmitter($this->driver->baseEmitterOhms),
        ];
    }

    protected function elements(array $values): array
    {
        return [
            'base' => new Resistor('pin', 'base', $values['baseOhms']),
            'q1' => new Bipolar('pull', 'base', 'gnd', $values['npnSaturationAmps'], $values['npnGain'], $this->npn->reverseGain),
            'k' => new Resistor('pull', 'upper', $values['couplingOhms']),
            'eb' => new Resistor('rail', 'upper', $values['emitterBaseOhms']),
            'q2' => new Bipolar('inner', 'upper', 'rail', $values['pnpSaturationAmps'], $values['pnpGain'], $this->pnp->reverseGain, true),
            'c' => new Resistor('inner', 'out', $values['collectorOhms']),
            'coil' => new Resistor('out', 'gnd', $values['coilOhms']),
            ...self::shunt($values),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        $amps = $point->through('out', 'gnd', $values['coilOhms']);
        $baseAmps = $point->through('upper', 'pull', $values['couplingOhms']) - $point->through('rail', 'upper', $values['emitterBaseOhms']);

        return new SwitchPoint($pinAmps, $point->at('out'), $amps, $values['railVolts'] - $point->at('out'), $baseAmps, $point->volts);
    }
}
