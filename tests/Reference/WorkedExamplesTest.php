<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Drive\Circuit\NpnCircuit;
use IronLatch\Core\Drive\Circuit\NpnOperatingPoint;
use IronLatch\Core\Drive\Circuit\OptoInput;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\Netlist\SolverCode;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures that can be worked out by hand or looked up, against what the core computes. */
final class WorkedExamplesTest extends TestCase
{
    /**
     * Cross-sections of the American wire gauge as tabled in ASTM B258, in mm², from memory.
     *
     * @return iterable<string, array{string, float}>
     */
    public static function gauges(): iterable
    {
        yield '10' => ['10 AWG', 5.261];
        yield '12' => ['12 AWG', 3.309];
        yield '14' => ['14 AWG', 2.081];
        yield '16' => ['16 AWG', 1.309];
        yield '18' => ['18 AWG', 0.823];
        yield '24' => ['24 AWG', 0.205];
    }

    #[DataProvider('gauges')]
    public function testWireGauges(string $gauge, float $squareMillimetres): void
    {
        self::assertEqualsWithDelta($squareMillimetres, QuantityParser::parse($gauge, Unit::SquareMetre) * 1e6, 0.001);
    }

    /** Ohm's law: a 0.36 W coil is 70 Ω and 71.4 mA at 5 V, 400 Ω and 30 mA at 12 V (usual data sheets of cube relays, from memory). */
    public function testCoilsOfCubeRelays(): void
    {
        foreach (['cube-5v' => 0.0714, 'cube-12v' => 0.030] as $id => $amps) {
            $relay = TestBoards::part($id, Relay::class);
            self::assertEqualsWithDelta($amps, $relay->coilVolts / $relay->coilResistance->typ, 0.0001);
            self::assertEqualsWithDelta(0.36, $relay->coilVolts ** 2 / $relay->coilResistance->typ, 0.005);
        }
    }

    /** 3.75 V at 20 °C become 4.04 V at 40 °C: copper's 0.39 % per kelvin. */
    public function testOperateVoltageOfAWarmCoil(): void
    {
        $relay = TestBoards::part('cube-5v', Relay::class);
        self::assertEqualsWithDelta(3.75, $relay->operateVolts(20.0), 1e-9);
        self::assertEqualsWithDelta(3.75 * 1.078, $relay->operateVolts(40.0), 1e-9);
    }

    /** By hand: (3.3 V − 0.72 V) ÷ 4.7 kΩ = 0.55 mA; 71.4 mA ÷ 0.55 mA = 130, so gain 100 does not saturate. */
    public function testBaseResistorTenTimesTooLarge(): void
    {
        $at = static fn(float $gain): NpnOperatingPoint => NpnOperatingPoint::solve(new NpnCircuit(
            3.3,
            4700.0,
            null,
            5.0,
            70.0,
            0.0,
            $gain,
            4.0,
            1.4e-14,
        ));
        self::assertEqualsWithDelta(0.55e-3, $at(130.0)->baseAmps, 0.01e-3);
        self::assertLessThan(0.5, $at(140.0)->collectorVolts);
        self::assertGreaterThan(1.0, $at(100.0)->collectorVolts);
        self::assertEqualsWithDelta(100 * $at(100.0)->baseAmps, $at(100.0)->collectorAmps, 1e-5);
    }

    /** By hand: forced gain 20 at 71 mA from 3.3 V wants about 710 Ω in all, so E12 gives 680 Ω less the pin's own 20 Ω. */
    public function testSizedBaseResistor(): void
    {
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            new DriveByTransistor(['A1'], $transistor, 4700.0),
        );
        $actuator = $board->actuator('A1');
        $driver = $actuator->driver;
        self::assertInstanceOf(NpnLowSide::class, $driver);
        self::assertSame(680.0, BaseResistor::fitting($board, $actuator));
    }

    /**
     * A 5 V active-low module: about 2 mA at 0 V (Ohm's law), under 1 µA when the pin is at 3.3 V; without the indicator LED about 0.5
     * mA remain.
     */
    public function testOptoModuleInput(): void
    {
        self::assertEqualsWithDelta(2.0e-3, OptoInput::amps(5.0, 1000.0, 3.05, 2, 0.0, 0.0), 0.1e-3);
        self::assertLessThan(1e-6, OptoInput::amps(5.0, 1000.0, 3.05, 2, 3.3, 0.0));
        self::assertEqualsWithDelta(0.6e-3, OptoInput::amps(5.0, 1000.0, 1.15, 1, 3.3, 0.0), 0.1e-3);
    }

    /** The series circuit must add up, whatever its values: V = I·R + the LEDs' voltage at I. */
    public function testOptoInputFulfilsItsEquation(): void
    {
        foreach ([
            [5.0, 1000.0, 3.05, 2, 0.0, 25.0],
            [12.0, 4700.0, 3.05, 2, 0.3, 0.0],
            [5.0, 1000.0, 1.15, 1, 2.5, 45e3],
            [5.1, 950.0, 2.8, 2, 4.0, 10.0],
        ] as [$supply, $series, $led, $leds, $node, $ohms]) {
            $amps = OptoInput::amps($supply, $series, $led, $leds, $node, $ohms);
            $drop = $led + $leds * 2 * SolverCode::THERMAL_VOLTS * log($amps / 2e-3);
            self::assertEqualsWithDelta($supply - $node, $amps * ($series + $ohms) + $drop, 1e-6);
        }
    }

    /** The pin gives 12 mA for good: (3.3 V − 0.77 V) ÷ (470 Ω + 20 Ω) = 5.2 mA is well within. */
    public function testPinMarginByHand(): void
    {
        $board = TestBoards::sound();
        $result = DriverAnalysis::of($board)->results['A1'];
        self::assertEqualsWithDelta(12 / 5.2, $result->pin->nominal->value, 0.03);
        // Against its house rule: coil 80.6 mA over base current 5.2 mA − 0.08 mA through the base–emitter resistor.
        self::assertEqualsWithDelta(80.6 / 5.12, $result->forcedGain->value ?? 0.0, 0.15);
    }
}
