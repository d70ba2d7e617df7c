<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Drive;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\DriverResult;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\DriverChoice;
use IronLatch\Core\Drive\DriverWay;
use IronLatch\Core\Drive\SolidStateLoad;
use IronLatch\Core\Drive\SwitchTimes;
use IronLatch\Core\Drive\TurnOff;
use IronLatch\Core\Pins\Seating;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** The well-known traps between a pin and a coil, each with its verdict (common practice; figures from memory unless named). */
final class DriverTrapsTest extends TestCase
{
    private const MOSFETS = ['2.5' => 'mosfet-2v5', '4.5' => 'mosfet-4v5', '10' => 'mosfet-10v'];

    /** From 3.3 V into a 5 V cube: 330 Ω to 680 Ω drive well, 1 kΩ is a hint, 4.7 kΩ weak, tens of kilohms broken. */
    public function testBaseResistors(): void
    {
        $kinds = [];
        foreach ([330.0, 470.0, 680.0, 1e3, 4.7e3, 47e3] as $ohms) {
            $board = TestBoards::edited(
                self::driven(new NpnLowSide('npn-2n2222', $ohms), [TestBoards::part('npn-2n2222', Transistor::class)]),
                new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            );
            $kinds[(string) $ohms] = TestBoards::inspect($board)->finding('drive.does-not-pull-in:A1')?->severity;
        }
        self::assertSame(
            ['330' => null, '470' => null, '680' => null, '1000' => Severity::Hint, '4700' => Severity::Weak, '47000' => Severity::Broken],
            $kinds,
        );
    }

    /** 2.5 V figures suit 3.3 V logic; 4.5 V figures 5 V logic only; 10 V figures neither. */
    public function testMosfetsByTheirGateVoltage(): void
    {
        $said = [];
        foreach (['esp32' => 'esp32-carrier-38', 'atmega328p' => 'atmega328p-carrier-30'] as $chip => $carrier) {
            foreach (self::MOSFETS as $volts => $id) {
                $board = self::driven(
                    new MosfetLowSide($id, 100.0, 10e3),
                    [TestBoards::part($id, Mosfet::class)],
                    TestBoards::bare($carrier, $chip),
                );
                $said[] = [$chip, (string) $volts, TestBoards::inspect($board)->finding('drive.gate-not-specified:A1')?->severity];
            }
        }
        self::assertSame(
            [
                ['esp32', '2.5', null],
                ['esp32', '4.5', Severity::Weak],
                ['esp32', '10', Severity::Broken],
                ['atmega328p', '2.5', null],
                ['atmega328p', '4.5', null],
                ['atmega328p', '10', Severity::Weak],
            ],
            $said,
        );
    }

    /** 10 kΩ at the gate holds against a 45 kΩ pull-up (0.6 V); 100 kΩ does not (2.3 V: the relay is on). */
    public function testGatePullDownsThroughReset(): void
    {
        foreach ([[10e3, 0.6, Movement::None], [100e3, 2.3, Movement::Certain]] as [$ohms, $volts, $movement]) {
            $board = TestBoards::edited(
                self::driven(new MosfetLowSide('mosfet-4v5', 100.0, $ohms), [TestBoards::part('mosfet-4v5', Mosfet::class)]),
                new SeatFunction('F1', '15'),
            );
            $moment = Seating::of($board)->films['F1']->moments[0];
            self::assertSame($movement, $moment->movement, (string) $ohms);
            self::assertEqualsWithDelta($volts, 3.3 * $ohms / ($ohms + 45e3), 0.05);
        }
    }

    /** A Darlington array keeps about a volt: above the pick-up of a 5 V coil at its best, weak at the corner; fine at 12 V. */
    public function testADarlingtonArrayIsWeakAtFiveVoltsAndFineAtTwelve(): void
    {
        $array = TestBoards::part('uln2003a', DarlingtonArray::class);
        $five = TestBoards::edited(
            self::driven(new ArrayChannel('uln2003a'), [$array]),
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
        );
        $result = self::solved($five);
        self::assertGreaterThan(3.9, $result->pullIn->nominal->value * 3.75);
        self::assertLessThan(4.2, $result->pullIn->nominal->value * 3.75);
        self::assertSame(MarginState::Weak, $result->pullIn->state());
        $twelve = TestBoards::edited(
            $five,
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], TestBoards::part('cube-12v', Relay::class)),
            new FeedCoils(['A1'], 'R2'),
        );
        self::assertSame(MarginState::Sound, self::solved($twelve)->pullIn->state());
    }

    /** Two LEDs keep an active-low module off at 3.3 V; one alone may not; fed with 3.3 V it may not operate: 0.2 mA to 0.7 mA. */
    public function testOptoModulesAndTheirJumper(): void
    {
        $two = self::solved(self::onModule('opto-module-low', false));
        self::assertSame([MarginState::Sound, MarginState::Sound], [$two->pin->state(), $two->staysOff?->state()]);
        self::assertEqualsWithDelta(2e-3, $two->typicalPinAmps, 0.2e-3);
        self::assertSame(MarginState::Broken, self::solved(self::onModule('opto-module-low-bare', false))->staysOff?->state());
        $apart = self::solved(self::onModule('opto-module-low', true));
        self::assertSame(MarginState::Sound, $apart->staysOff?->state());
        self::assertGreaterThan(0.2e-3, $apart->typicalPinAmps);
        self::assertLessThan(0.7e-3, $apart->typicalPinAmps);
        self::assertNotSame(MarginState::Sound, $apart->pin->state(), '“May stay on” is exchanged for “may not operate”.');
    }

    /** Set active high, 3.3 V through 1 kΩ and two LEDs leave far too little. */
    public function testATriggerJumperSetHighNeedsMoreThanThreeVolts(): void
    {
        $module = TestBoards::part('opto-module-jumper', OptoModule::class);
        $board = self::driven(new OptoModuleInput('opto-module-jumper', Level::High), [$module]);
        self::assertSame(MarginState::Broken, self::solved($board)->pin->state());
        $five = self::driven(
            new OptoModuleInput('opto-module-jumper', Level::High),
            [$module],
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
        );
        self::assertSame(MarginState::Sound, self::solved($five)->pin->state());
    }

    /** A 5 V coil at 60 °C of air wants about 4.9 V to pull in again after a long hold. */
    public function testAHotCoilWantsAlmostItsNominalVoltage(): void
    {
        self::assertEqualsWithDelta(4.85, TestBoards::part('cube-5v', Relay::class)->operateVolts(95.0), 0.01);
        $board = TestBoards::edited(TestBoards::sound(), new StateAmbient(60.0));
        self::assertSame(Severity::Weak, TestBoards::inspect($board)->finding('drive.hot-restart:A1')?->severity);
    }

    /** A supply 2 % low takes its share of every margin, and no more. */
    public function testTheRailsToleranceIsFollowedThrough(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)));
        $rail = $board->railVolts('R1');
        $result = self::solved($board);
        self::assertLessThan($rail->min / 3.75, $result->pullIn->worst->value);
        self::assertGreaterThan(($rail->min - 0.5) / (3.75 * 1.08), $result->pullIn->worst->value);
    }

    private static function onModule(string $id, bool $separate): Board
    {
        return self::driven(new OptoModuleInput($id, Level::Low, $separate), [TestBoards::part($id, OptoModule::class)]);
    }

    /** τ ln(V ÷ (V − V_op)) plus travel: 1.04 ms + 1 ms at the quickest; a slower clamp makes a longer overlap. */
    public function testTwoRelaysSwitchedOverAtOnceOverlapTheLongerTheSlowerTheClamp(): void
    {
        $relay = TestBoards::part('cube-5v', Relay::class);
        $times = static fn(Clamp $clamp, float $least = 4.5): SwitchTimes => SwitchTimes::of(
            $relay,
            5.0,
            $least,
            3.9,
            TurnOff::of($relay, 5.0, 0.0714, $clamp),
        );
        $diode = $times(Clamp::Diode);
        self::assertEqualsWithDelta(1.5e-3 * log(2) + 1e-3, $diode->closesFirst, 1e-9);
        self::assertEqualsWithDelta(1.5e-3 * log(4.5 / 0.6) + 6e-3, $diode->closesLast, 1e-9);
        self::assertEqualsWithDelta($diode->opensLast - $diode->closesFirst, $diode->overlap($diode), 1e-12);
        self::assertGreaterThan($times(Clamp::DiodeZener)->overlap($diode), $diode->overlap($diode));
        self::assertSame(INF, $times(Clamp::Diode, 3.8)->closesLast, 'It may not pull in at all.');
    }

    /** Among equally sound circuits the preferred school comes first; soundness still goes before it. */
    public function testHouseRulesPutTheirSchoolFirst(): void
    {
        $parts = [
            TestBoards::part('npn-2n2222', Transistor::class),
            TestBoards::part('opto-module-low', OptoModule::class),
            TestBoards::part('mosfet-10v', Mosfet::class),
        ];
        $order = static function (DriverSchool $school, ?Level $level) use ($parts): array {
            $board = TestBoards::edited(TestBoards::sound(), new SetHouseRules(20.0, 0.8, 1.0, $school, $level));

            return array_map(
                static fn(DriverWay $way): string => $way->id,
                DriverChoice::ways($board, $board->actuator('A1'), $parts, static fn(): bool => false),
            );
        };
        self::assertSame(['npn:npn-2n2222', 'module:opto-module-low:low', 'mosfet:mosfet-10v'], $order(DriverSchool::SingleParts, null));
        self::assertSame(['module:opto-module-low:low', 'npn:npn-2n2222', 'mosfet:mosfet-10v'], $order(DriverSchool::Modules, null));
        self::assertSame('module:opto-module-low:low', $order(DriverSchool::Either, Level::Low)[0]);
        self::assertSame('npn:npn-2n2222', $order(DriverSchool::Either, Level::High)[0]);
    }

    /** A solid-state relay makes 1 to 1.5 W/A, leaks a few milliamperes, and may hang on a pin; no clamp, no hot restart. */
    public function testSolidStateRelays(): void
    {
        $triac = TestBoards::part('ssr-25a-zero', Relay::class)->solidState;
        self::assertNotNull($triac);
        $load = SolidStateLoad::of($triac, 5.0, 25.0);
        self::assertEqualsWithDelta(100 / (10 * 1.2 * 5), $load->heat->nominal->value, 1e-9);
        self::assertEqualsWithDelta(100 / (10 * 1.5 * 5), $load->heat->worst->value, 1e-9);
        self::assertEqualsWithDelta(5 / 3e-3, $load->leakage->value, 1e-6);
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseRelay(['A2'], TestBoards::part('ssr-25a-zero', Relay::class)),
            new StateLoad('L2', 500.0),
            new DriveDirectly(['A2']),
            new StateClamp(['A2'], Clamp::None),
            new StateAmbient(60.0),
        );
        $report = TestBoards::inspect($board);
        self::assertSame(
            [null, null, null],
            array_map($report->finding(...), ['drive.coil-on-pin:A2', 'drive.no-clamp:A2', 'drive.hot-restart:A2']),
        );
        // An input from 3 V wants more than the least high level of a 3.3 V pin surely gives.
        self::assertSame(Severity::Weak, $report->finding('drive.does-not-pull-in:A2')?->severity);
        $result = DriverAnalysis::of($board)->results['A2'];
        // 3.3 V behind the pin’s own resistance into 500 Ω, wants 3 V, and does not change with the air.
        self::assertEqualsWithDelta(
            3.3 * 500 / (500 + $board->siliconOf('F2')->electrics->sourceResistance->typ) / 3.0,
            $result->pullIn->nominal->value,
            1e-9,
        );
        self::assertSame($result->pullIn->worst->value, $result->hotRestart->worst->value);
        // An electromechanical coil in its place is broken at once.
        self::assertSame(
            Severity::Broken,
            TestBoards::inspect(TestBoards::edited(
                $board,
                new ChooseRelay(['A2'], TestBoards::part('cube-5v', Relay::class)),
            ))->finding('drive.coil-on-pin:A2')?->severity,
        );
        $ways = DriverChoice::ways($board, $board->actuator('A2'), [], static fn(): bool => false);
        self::assertSame(['direct'], array_map(static fn(DriverWay $way): string => $way->id, $ways));
    }

    /**
     * @param list<Part> $parts
     */
    private static function driven(Driver $driver, array $parts, ?Board $start = null): Board
    {
        $board = null === $start ? TestBoards::sound() : TestBoards::edited(
            $start,
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
        );

        return TestBoards::edited($board, new ChooseDriver(['A1'], $driver, $parts));
    }

    private static function solved(Board $board): DriverResult
    {
        return DriverAnalysis::of($board)->results['A1'];
    }
}
