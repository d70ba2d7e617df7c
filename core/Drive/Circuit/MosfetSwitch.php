<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Drive\Netlist\FieldEffect;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – gate resistor – MOSFET, the coil at the drain. */
final class MosfetSwitch extends SwitchCircuit
{
    private const USUAL_GATE_OHMS = 100.0;
    private const USUAL_HOLD_OHMS = 10e3;
    /** What leaks into an input that nothing holds (greatest input leakage of the 8-bit chips; from memory). */
    private const LEAKAGE_AMPS = 1e-6;

    public function __construct(
        PinElectrics $pin,
        Relay $relay,
        Spread $rail,
        private readonly MosfetLowSide $driver,
        private readonly Mosfet $mosfet,
    ) {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return MosfetLowSide::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, MosfetLowSide::class);

        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $driver,
            $board->part($driver->mosfet, Mosfet::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        if ($part instanceof Mosfet) {
            yield new Candidate(
                'mosfet:' . $part->identity->id,
                $part->identity->name,
                new MosfetLowSide($part->identity->id, self::USUAL_GATE_OHMS, self::USUAL_HOLD_OHMS),
                [$part],
                4,
                4 * Candidate::SMALL_SQUARE_METRES,
                $part->price,
                'next to nothing from the pin, next to no drop; only as good as its gate voltage',
            );
        }
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'MOSFET low side';
    }

    public function greatestPinAmps(): float
    {
        return null === $this->driver->pullDownOhms ? 0.0 : $this->intoJunction(
            ($this->driver->gateOhms + $this->driver->pullDownOhms) * (1 - self::RESISTOR_TOLERANCE),
            0.0,
        );
    }

    protected function switch(): SwitchingPart
    {
        return $this->mosfet;
    }

    protected function gate(SwitchPoint $typical, SwitchPoint $worst, SwitchPoint $strongest): GateDrive
    {
        return new GateDrive($this->mosfet, $typical->nodes['gate'], $worst->nodes['gate'], $strongest->nodes['gate']);
    }

    /** What leaks into it, over what carries it off, may open a gate. */
    public function undecided(float $ambientCelsius): ?Figure
    {
        $ohms = $this->driver->pullDownOhms;
        $threshold = Warmth::Threshold->at($this->mosfet->thresholdVolts->min, Warmth::warmest($ambientCelsius));
        $gate = null === $ohms ? $this->pin->supply->max : min($this->pin->supply->max, self::LEAKAGE_AMPS * $ohms);

        return $gate < $threshold ? null : new Figure(
            'gate voltage that nothing decides',
            $gate,
            Unit::Volt,
            null === $ohms ? 'up to the pin’s supply: no resistor carries the leakage off' : 'I_leak · R_pull-down',
            [
                'I_leak = ' . QuantityPrinter::rounded(self::LEAKAGE_AMPS, Unit::Ampere),
                ...null === $ohms ? [] : ['R_pull-down = ' . QuantityPrinter::rounded($ohms, Unit::Ohm)],
                'conducts from ' . QuantityPrinter::rounded($threshold, Unit::Volt),
            ],
            'pin floating, greatest leakage, least threshold',
            'input leakage of the chip, from memory',
        );
    }

    protected function ownParameters(): array
    {
        $own = [
            'gateOhms' => self::resistor('gate resistor', $this->driver->gateOhms, -1),
            'thresholdVolts' => new Parameter('threshold', $this->mosfet->thresholdVolts, Unit::Volt, -1, Warmth::Threshold),
        ];

        return null === $this->driver->pullDownOhms ? $own : [
            ...$own,
            'pullDownOhms' => self::resistor('gate pull-down', $this->driver->pullDownOhms, 1),
        ];
    }

    /** No current flows into the gate, so the gate is a divider and the drain one quadratic equation. */
    public function at(array $values, float $sourceVolts, float $sourceOhms): SwitchPoint
    {
        $series = $sourceOhms + $values['gateOhms'];
        $pinAmps = isset($values['pullDownOhms']) ? $sourceVolts / ($series + $values['pullDownOhms']) : 0.0;
        $gate = $sourceVolts - $pinAmps * $series;
        $over = $gate - $values['thresholdVolts'];
        $rail = $values['railVolts'];
        $drain = $rail;
        if ($over > 0) {
            $k = $this->mosfet->transconductance() * $values['coilOhms'];
            $drain = $rail - $k * $over * $over / 2;
            if ($drain < $over) {
                // (rail − d) ÷ R = K·(over·d − d² ÷ 2), the smaller root.
                $b = 1 / $k + $over;
                $drain = $b - sqrt($b * $b - 2 * $rail / $k);
            }
        }
        $amps = ($rail - $drain) / $values['coilOhms'];

        return new SwitchPoint(
            $pinAmps,
            $rail - $drain,
            $amps,
            $drain,
            null,
            ['pin' => $sourceVolts - $pinAmps * $sourceOhms, 'gate' => $gate, 'out' => $drain, 'rail' => $rail],
        );
    }

    public function built(): array
    {
        return [
            BuiltPart::resistor(1, 'gate resistor', $this->driver->gateOhms, 'pin', 'gate'),
            ...null === $this->driver->pullDownOhms ? [] : [
                BuiltPart::resistor(2, 'gate pull-down', $this->driver->pullDownOhms, 'gate', 'gnd'),
            ],
            BuiltPart::mosfet(1, $this->mosfet, 'gate', 'out', 'gnd'),
        ];
    }

    protected function elements(array $values): array
    {
        $elements = [
            'g' => new Resistor('pin', 'gate', $values['gateOhms']),
            'm1' => new FieldEffect('out', 'gate', 'gnd', $values['thresholdVolts'], $this->mosfet->transconductance()),
            'coil' => new Resistor('rail', 'out', $values['coilOhms']),
        ];

        return isset($values['pullDownOhms']) ? [...$elements, 'pd' => new Resistor('gate', 'gnd', $values['pullDownOhms'])] : $elements;
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        $amps = $point->through('rail', 'out', $values['coilOhms']);

        return new SwitchPoint($pinAmps, $amps * $values['coilOhms'], $amps, $point->at('out'), null, $point->volts);
    }
}
