<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PinElectrics;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SwitchingPart;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Netlist\Bipolar;
use IronLatch\Core\Drive\Netlist\Coupler;
use IronLatch\Core\Drive\Netlist\Diode;
use IronLatch\Core\Drive\Netlist\Point;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Pin – resistor – opto coupler – NPN, the coil at its collector. */
final class CouplerSwitch extends SwitchCircuit
{
    private const LED_EMISSION = 2.0;
    private const LED_RATED_AMPS = 5e-3;
    /** How far an LED’s voltage falls at a twentieth of its rated current. */
    private const LED_LIGHT_VOLTS = 0.15;
    /**
     * Below its rated LED current the transfer ratio falls with this power of it: 60 % are left at 1 mA (data-sheet curve, from memory).
     */
    private const LIGHT_EXPONENT = 0.3;
    /** What is left of the transfer ratio after years at work (common practice, from memory). */
    private const AGED_SHARE = 0.7;
    /** What each kelvin above 25 °C takes of it (data-sheet curve, from memory). */
    private const SHARE_PER_KELVIN = 0.006;

    public function __construct(
        PinElectrics $pin,
        Relay $relay,
        Spread $rail,
        private readonly CouplerDriver $driver,
        private readonly OptoCoupler $coupler,
        private readonly Transistor $npn,
    ) {
        parent::__construct($pin, $relay, $rail);
    }

    public static function driver(): string
    {
        return CouplerDriver::class;
    }

    public static function of(Board $board, Actuator $actuator, PinElectrics $pin): self
    {
        $driver = self::recordOf($actuator, CouplerDriver::class);

        return new self(
            $pin,
            $board->relay($actuator),
            $board->railVolts($actuator->rail),
            $driver,
            $board->part($driver->coupler, OptoCoupler::class),
            $board->part($driver->npn, Transistor::class),
        );
    }

    public static function candidates(Offer $offer, ?Part $part): iterable
    {
        $npn = $offer->npn();
        if (!$part instanceof OptoCoupler || null === $npn) {
            return;
        }
        yield new Candidate(
            'coupler:' . $part->identity->id,
            sprintf('%s with %s', $part->identity->name, $npn->identity->name),
            new CouplerDriver(
                $part->identity->id,
                $npn->identity->id,
                Offer::below(($offer->pinVolts - $part->ledVolts->typ) / self::LED_RATED_AMPS),
                Offer::below(max(0.5, $offer->railVolts - 1.1) / $offer->baseAmps()),
            ),
            [$part, $npn],
            6,
            5 * Candidate::SMALL_SQUARE_METRES + Candidate::PACKAGE_SQUARE_METRES,
            $part->price + $npn->price,
            'keeps the two sides apart where supplies and grounds are apart too',
            ['ledOhms', 'couplingOhms'],
        );
    }

    public function activeLevel(): Level
    {
        return Level::High;
    }

    public function title(): string
    {
        return 'Opto coupler and NPN';
    }

    public function greatestPinAmps(): float
    {
        return $this->intoJunction(
            $this->driver->ledOhms * (1 - self::RESISTOR_TOLERANCE),
            $this->coupler->ledVolts->min - self::LED_LIGHT_VOLTS,
        );
    }

    protected function switch(): SwitchingPart
    {
        return $this->npn;
    }

    protected static function needsALevel(): bool
    {
        return true;
    }

    protected function ownParameters(): array
    {
        return [
            'ledOhms' => self::resistor('LED resistor', $this->driver->ledOhms, -1),
            'ledVolts' => new Parameter('LED voltage', $this->coupler->ledVolts, Unit::Volt, -1, Warmth::Led),
            'transferRatio' => new Parameter('transfer ratio', $this->coupler->transferRatio, Unit::Ratio, 1),
            'couplingOhms' => self::resistor('coupling resistor', $this->driver->couplingOhms, -1),
            'gain' => new Parameter('gain', $this->npn->gain, Unit::Ratio, 1, Warmth::Gain),
            'saturationAmps' => new Parameter('saturation current', $this->npn->saturationCurrent, Unit::Ampere, 1, Warmth::Junction),
            'collectorOhms' => new Parameter('collector resistance', $this->npn->collectorResistance, Unit::Ohm, -1),
            ...self::baseEmitter($this->driver->baseEmitterOhms),
        ];
    }

    protected function aged(array $values, float $celsius): array
    {
        return [
            ...$values,
            'transferRatio' => $values['transferRatio'] * self::AGED_SHARE * (1 - self::SHARE_PER_KELVIN * max(0.0, $celsius - 25)),
        ];
    }

    /**
     * What is left of the transfer ratio at the LED current that the resistor lets through.
     *
     * @param array<string, float> $values
     */
    private static function lightShare(array $values): float
    {
        $amps = max(1e-6, ($values['pinVolts'] - $values['ledVolts']) / ($values['ledOhms'] + $values['pinOhms']));

        return min(1.0, $amps / self::LED_RATED_AMPS) ** self::LIGHT_EXPONENT;
    }

    public function built(): array
    {
        return [
            BuiltPart::resistor(1, 'LED resistor', $this->driver->ledOhms, 'pin', 'anode'),
            BuiltPart::coupler(1, $this->coupler, 'anode', BuiltPart::INPUT_GROUND, 'rail', 'emitter'),
            BuiltPart::resistor(2, 'coupling resistor', $this->driver->couplingOhms, 'emitter', 'base'),
            ...self::hold(3, $this->driver->baseEmitterOhms),
            BuiltPart::bipolar(1, $this->npn, 'out', 'base', 'gnd'),
        ];
    }

    protected function elements(array $values): array
    {
        $led = Diode::dropping('a', 'k', $values['ledVolts'], self::LED_RATED_AMPS, self::LED_EMISSION);
        return [
            'led' => new Resistor('pin', 'anode', $values['ledOhms']),
            'u1' => new Coupler(
                'anode',
                'gnd',
                'rail',
                'emitter',
                $led->saturationAmps,
                self::LED_EMISSION,
                $values['transferRatio'] * self::lightShare($values),
            ),
            'k' => new Resistor('emitter', 'base', $values['couplingOhms']),
            'q2' => new Bipolar('inner', 'base', 'gnd', $values['saturationAmps'], $values['gain'], $this->npn->reverseGain),
            'c' => new Resistor('out', 'inner', $values['collectorOhms']),
            'coil' => new Resistor('rail', 'out', $values['coilOhms']),
            ...self::shunt($values),
        ];
    }

    protected function read(Point $point, array $values, float $pinAmps): SwitchPoint
    {
        return self::lowSide($point, $values, $pinAmps, 'emitter');
    }
}
