<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\DirectDrive;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Sizes every driver circuit that the parts on offer allow for one relay, with values of the E12 series (IEC 60063). */
final class DriverChoice
{
    private const GATE_OHMS = 100.0;
    private const HOLD_OHMS = 10e3;
    private const LED_AMPS = 5e-3;
    /** Area of a soldered part with its pads (common practice). */
    private const SMALL_SQUARE_METRES = 20e-6;
    private const PACKAGE_SQUARE_METRES = 25e-6;
    private const MODULE_SQUARE_METRES = 600e-6;
    /** A greater margin is no better. */
    private const AMPLE = 1.3;
    private const RESISTOR_PRICE = 0.01;
    private const DIODE_PRICE = 0.03;

    /**
     * @param list<Part> $parts on offer
     * @param \Closure(Board, Actuator): bool $moves whether the relay would move before the program runs
     * @return list<DriverWay> sound ones first, then those of the preferred school, then by margin up to what is ample, then by price
     */
    public static function ways(Board $board, Actuator $actuator, array $parts, \Closure $moves): array
    {
        $ways = [];
        $candidates = null === $board->relay($actuator)->solidState ? [] : [[
            'direct',
            'Straight on the pin',
            new DirectDrive(),
            [],
            0,
            0.0,
            'no part at all; the pin feeds the input of the solid-state relay',
        ]];
        foreach ($parts as $part) {
            array_push($candidates, ...self::candidates($board, $actuator, $part, $parts));
        }
        $diode = null === $board->relay($actuator)->solidState ? self::DIODE_PRICE : 0.0;
        foreach ($candidates as [$id, $title, $driver, $used, $count, $area, $trade]) {
            $with = $board->withPart(...$used);
            // As the edit would make it: a circuit brings its own active level.
            $driven = $actuator->with(driver: $driver, activeLevel: Actuator::levelOf($driver));
            $price = array_sum(array_map(self::price(...), $used)) + $count * self::RESISTOR_PRICE + ($driver->isReadyMade() ? 0.0 : $diode);
            $ways[] = new DriverWay(
                $id,
                $title,
                $driver,
                $used,
                DriverAnalysis::result($with, $driven),
                $moves($with, $driven),
                $count,
                $area,
                $price,
                $trade,
            );
        }
        $rank = static fn(DriverWay $way): array => [
            !$way->isSound(),
            !$board->houseRules->prefers($way->driver),
            -min(self::AMPLE, round($way->margin(), 2)),
            $way->price,
        ];
        usort($ways, static fn(DriverWay $a, DriverWay $b): int => $rank($a) <=> $rank($b));

        return $ways;
    }

    private static function price(Part $part): float
    {
        return match (true) {
            $part instanceof DarlingtonArray => $part->price / $part->channels,
            $part instanceof BridgeDriver, $part instanceof Transistor, $part instanceof Mosfet, $part instanceof OptoCoupler, $part instanceof OptoModule => $part->price,
            default => 0.0,
        };
    }

    /**
     * @param list<Part> $parts
     * @return iterable<array{string, string, Driver, list<Part>, int, float, string}>
     */
    private static function candidates(Board $board, Actuator $actuator, Part $part, array $parts): iterable
    {
        $id = $part->identity()->id;
        $name = $part->identity()->name;
        $ohms = static fn(float $value): string => QuantityPrinter::rounded($value, Unit::Ohm);
        if (1 === $board->relay($actuator)->bistable?->windings) {
            if (!$part instanceof BridgeDriver) {
                return;
            }
            yield [
                'bridge:' . $id,
                $name,
                new BridgeOutput($id),
                [$part],
                1,
                self::PACKAGE_SQUARE_METRES,
                'turns the current round: the only way for a relay with one winding',
            ];
        }
        if ($part instanceof Transistor && !$part->isPnp) {
            $with = $board->withPart($part);
            $driver = new NpnLowSide($id, 470.0, self::HOLD_OHMS);
            $fit = BaseResistor::fitting($with, $actuator->with(driver: $driver), $driver) ?? 470.0;
            yield [
                'npn:' . $id,
                sprintf('%s with %s', $name, $ohms($fit)),
                new NpnLowSide($id, $fit, self::HOLD_OHMS),
                [$part],
                4,
                4 * self::SMALL_SQUARE_METRES,
                'cheapest; a few milliamperes from the pin',
            ];
        }
        if ($part instanceof Mosfet) {
            yield [
                'mosfet:' . $id,
                $name,
                new MosfetLowSide($id, self::GATE_OHMS, self::HOLD_OHMS),
                [$part],
                4,
                4 * self::SMALL_SQUARE_METRES,
                'next to nothing from the pin, next to no drop; only as good as its gate voltage',
            ];
        }
        if ($part instanceof DarlingtonArray) {
            yield [
                'array:' . $id,
                $name,
                new ArrayChannel($id),
                [$part],
                1,
                self::PACKAGE_SQUARE_METRES,
                'fewest parts; keeps about a volt from the coil',
            ];
        }
        $npn = self::first($parts, Transistor::class, static fn(Transistor $one): bool => !$one->isPnp);
        if ($part instanceof Transistor && $part->isPnp && null !== $npn) {
            $high = self::highSide($board->withPart($part, $npn), $actuator, $npn, $part);
            yield [
                'high:' . $id,
                sprintf('%s and %s, high side', $npn->identity->name, $name),
                $high,
                [$npn, $part],
                7,
                7 * self::SMALL_SQUARE_METRES,
                'the coil has one end on ground; for rails above the pin’s supply',
            ];
            $inverting = self::inverting($board->withPart($part, $npn), $actuator, $part, $npn);
            yield [
                'inverting:' . $id,
                sprintf('%s and %s, inverting', $name, $npn->identity->name),
                $inverting,
                [$part, $npn],
                7,
                7 * self::SMALL_SQUARE_METRES,
                'active low, for a pin that must be high at reset',
            ];
        }
        if ($part instanceof OptoCoupler && null !== $npn) {
            $driver = self::coupler($board->withPart($part, $npn), $actuator, $part, $npn);
            yield [
                'coupler:' . $id,
                sprintf('%s with %s', $name, $npn->identity->name),
                $driver,
                [$part, $npn],
                6,
                5 * self::SMALL_SQUARE_METRES + self::PACKAGE_SQUARE_METRES,
                'keeps the two sides apart where supplies and grounds are apart too',
            ];
        }
        if ($part instanceof OptoModule && null !== $actuator->relay) {
            foreach ($part->hasTriggerJumper ? [Level::Low, Level::High] : [$part->activeLevel] as $level) {
                yield [
                    'module:' . $id . ':' . $level->value,
                    $name . ($part->hasTriggerJumper ? ', set active ' . $level->value : ''),
                    new OptoModuleInput($id, $level),
                    [$part],
                    0,
                    self::MODULE_SQUARE_METRES,
                    'nothing to solder; bulky, and its values are whatever was bought',
                ];
            }
        }
    }

    private static function highSide(Board $board, Actuator $actuator, Transistor $npn, Transistor $pnp): Driver
    {
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail)->typ;
        $pinVolts = $board->siliconOf($actuator->function)->electrics->supply->typ;
        $base = $rail / $relay->coilResistance->typ / $board->houseRules->forcedGain;
        $driver = new HighSidePair(
            $npn->identity->id,
            $pnp->identity->id,
            self::below(($pinVolts - 0.7) / max($base / $board->houseRules->forcedGain, 1e-4)),
            self::below(max(0.5, $rail - 1.0) / $base),
        );

        return self::stepDown($board, $actuator, $driver, ['couplingOhms', 'baseOhms']);
    }

    private static function inverting(Board $board, Actuator $actuator, Transistor $pnp, Transistor $npn): Driver
    {
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail)->typ;
        $pinVolts = $board->siliconOf($actuator->function)->electrics->supply->typ;
        $base = $rail / $relay->coilResistance->typ / $board->houseRules->forcedGain;
        $driver = new InvertingPair(
            $pnp->identity->id,
            $npn->identity->id,
            self::below(($pinVolts - 0.8) / max($base / $board->houseRules->forcedGain, 1e-4)),
            self::below(($pinVolts - 0.9) / $base),
        );

        return self::stepDown($board, $actuator, $driver, ['couplingOhms', 'inputOhms']);
    }

    private static function coupler(Board $board, Actuator $actuator, OptoCoupler $coupler, Transistor $npn): Driver
    {
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail)->typ;
        $pinVolts = $board->siliconOf($actuator->function)->electrics->supply->typ;
        $base = $rail / $relay->coilResistance->typ / $board->houseRules->forcedGain;
        $driver = new CouplerDriver(
            $coupler->identity->id,
            $npn->identity->id,
            self::below(($pinVolts - $coupler->ledVolts->typ) / self::LED_AMPS),
            self::below(max(0.5, $rail - 1.1) / $base),
        );

        return self::stepDown($board, $actuator, $driver, ['ledOhms', 'couplingOhms']);
    }

    /**
     * Takes the next smaller values until the relay pulls in and the transistor saturates at the worst corner, as long as the
     * pin bears it.
     *
     * @param list<string> $values
     */
    private static function stepDown(Board $board, Actuator $actuator, Driver $driver, array $values): Driver
    {
        for ($step = 0; $step < 12; ++$step) {
            $result = DriverAnalysis::result($board, $actuator->with(driver: $driver));
            if (
                MarginState::Sound === $result->pullIn->state()
                && ($result->collectorVolts->value ?? 0.0) <= BaseResistor::SATURATED_VOLTS
            ) {
                return $driver;
            }
            $name = $values[$step % count($values)];
            $now = get_object_vars($driver)[$name] ?? null;
            try {
                $smaller = is_float($now) ? $driver->withValue($name, self::below($now * 0.9)) : $driver;
            } catch (\InvalidArgumentException) {
                return $driver;
            }
            if (MarginState::Sound !== DriverAnalysis::result($board, $actuator->with(driver: $smaller))->pin->state()) {
                return $driver;
            }
            $driver = $smaller;
        }

        return $driver;
    }

    /** The E12 value at or below. */
    private static function below(float $ohms): float
    {
        return PreferredValues::e12Between(10.0, max(10.0, min(1e6, $ohms * 1.0000001)))[0] ?? 10.0;
    }

    /**
     * @template T of Part
     * @param list<Part> $parts
     * @param class-string<T> $class
     * @param \Closure(T): bool $suits
     * @return ?T
     */
    private static function first(array $parts, string $class, \Closure $suits): ?Part
    {
        foreach ($parts as $part) {
            if ($part instanceof $class && $suits($part)) {
                return $part;
            }
        }

        return null;
    }
}
