<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\HighSidePair;
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

    public static function driver(): string
    {
        return HighSidePair::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, HighSidePair::class);

        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $driver,
            $board->part($driver->npn, Transistor::class),
            $board->part($driver->pnp, Transistor::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        $npn = $offer->npn();
        if (!$part instanceof Transistor || !$part->isPnp || null === $npn) {
            return;
        }
        yield new Candidate(
            'high:' . $part->identity->id,
            sprintf('%s and %s, high side', $npn->identity->name, $part->identity->name),
            new HighSidePair(
                $npn->identity->id,
                $part->identity->id,
                Offer::below(($offer->pinVolts - 0.7) / $offer->firstBaseAmps()),
                Offer::below(max(0.5, $offer->railVolts - 1.0) / $offer->baseAmps()),
            ),
            [$npn, $part],
            7,
            7 * Candidate::SMALL_SQUARE_METRES,
            $npn->price + $part->price,
            'the coil has one end on ground; for rails above the pin’s supply',
            ['couplingOhms', 'baseOhms'],
        );
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
        return $this->intoBase($this->driver->baseOhms, $this->driver->baseEmitterOhms);
    }

    protected function switch(): SwitchingPart
    {
        return $this->pnp;
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

    public function built(): array
    {
        return [
            BuiltPart::resistor(1, 'base resistor', $this->driver->baseOhms, 'pin', 'base'),
            ...self::hold(2, $this->driver->baseEmitterOhms),
            BuiltPart::bipolar(1, $this->npn, 'pull', 'base', 'gnd'),
            BuiltPart::resistor(3, 'coupling resistor', $this->driver->couplingOhms, 'pull', 'upper'),
            BuiltPart::resistor(4, 'emitter–base resistor', $this->driver->emitterBaseOhms, 'rail', 'upper'),
            BuiltPart::bipolar(2, $this->pnp, 'out', 'upper', 'rail'),
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
        $baseAmps = $point->through('upper', 'pull', $values['couplingOhms']) - $point->through(
            'rail',
            'upper',
            $values['emitterBaseOhms'],
        );

        return new SwitchPoint($pinAmps, $point->at('out'), $amps, $values['railVolts'] - $point->at('out'), $baseAmps, $point->volts);
    }
}
