<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Drive;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\DriverResult;
use IronLatch\Core\Drive\Circuit\NpnCircuit;
use IronLatch\Core\Drive\Circuit\NpnOperatingPoint;
use IronLatch\Core\Drive\Circuit\OptoInput;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Pins\Seating;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A worst corner deserves its name only if no board within the tolerances is worse. Boards are drawn from a fixed sequence
 * (corners and inside alike), solved one by one, and held against the corner that the analysis chose.
 */
final class WorstCornerTest extends TestCase
{
    private const BOARDS = 400;
    private int $seed = 20260131;

    /**
     * @return iterable<string, array{float, ?float, string}>
     */
    public static function circuits(): iterable
    {
        foreach ([220.0, 470.0, 1000.0, 2200.0, 4700.0, 10e3, 47e3] as $base) {
            foreach ([null, 10e3] as $baseEmitter) {
                foreach (['reinforced-5v', 'cube-5v', 'reinforced-12v'] as $relay) {
                    yield sprintf(
                        '%g Ω, %s, %s',
                        $base,
                        null === $baseEmitter ? 'open base' : 'with base–emitter resistor',
                        $relay,
                    ) => [$base, $baseEmitter, $relay];
                }
            }
        }
    }

    #[DataProvider('circuits')]
    public function testNoBoardPullsInWorse(float $base, ?float $baseEmitter, string $relayId): void
    {
        $board = self::driven($base, $baseEmitter, $relayId);
        $result = self::driveOf($board);
        $chip = $board->controller()->chip;
        $actuator = $board->actuator('A1');
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail);
        $driver = $actuator->driver;
        self::assertInstanceOf(NpnLowSide::class, $driver);
        $transistor = $board->transistor($driver);
        $worstCollectorVolts = 0.0;
        for ($number = 0; $number < self::BOARDS; ++$number) {
            $celsius = $this->within(new Spread(20.0, 30.0, 40.0));
            $circuit = new NpnCircuit(
                $this->within($chip->electrics->supply),
                $this->within(Spread::tolerance($base, SwitchCircuit::RESISTOR_TOLERANCE))
                    + $this->within($chip->electrics->sourceResistance),
                null === $baseEmitter ? null : $this->within(Spread::tolerance($baseEmitter, SwitchCircuit::RESISTOR_TOLERANCE)),
                $this->within($rail),
                $this->within($relay->coilResistance) * (1 + Relay::COPPER_PER_KELVIN * ($celsius - 20)),
                $this->within($transistor->collectorResistance),
                $this->within($transistor->gain),
                $transistor->reverseGain,
                $this->within($transistor->saturationCurrent),
            );
            $point = NpnOperatingPoint::solve($circuit);
            self::assertGreaterThanOrEqual(
                $result->pullIn->worst->value - 1e-6,
                $point->coilVolts / $relay->operateVolts($celsius),
                'a coil that gets less',
            );
            self::assertLessThanOrEqual($result->pinAmps->value, $point->driveAmps, 'a pin that carries more');
            $worstCollectorVolts = max($worstCollectorVolts, $point->collectorVolts);
        }
        self::assertLessThanOrEqual(
            $result->collectorVolts->value ?? 0.0,
            $worstCollectorVolts,
            'a transistor that keeps more from its coil',
        );
    }

    public function testNoModuleGetsLessWhenOnOrMoreWhenOff(): void
    {
        foreach (['opto-module-low' => 2, 'opto-module-low-bare' => 1] as $id => $leds) {
            $module = TestBoards::part($id, OptoModule::class);
            $board = TestBoards::edited(TestBoards::sound(), new DriveByModule(['A1'], $module));
            $result = self::driveOf($board);
            $chip = $board->controller()->chip;
            $rail = $board->railVolts('R1');
            for ($number = 0; $number < self::BOARDS; ++$number) {
                $supply = $this->within($rail);
                $series = $this->within($module->seriesResistance);
                $led = $this->within($module->indicatorVolts) + $this->within($module->optoVolts);
                $on = OptoInput::amps($supply, $series, $led, $leds, 0.0, $this->within($chip->electrics->sinkResistance));
                $off = OptoInput::amps(
                    $supply,
                    $series,
                    $led,
                    $leds,
                    $this->within($chip->electrics->supply),
                    $this->within($chip->electrics->sourceResistance),
                );
                self::assertGreaterThanOrEqual($result->pin->worst->value - 1e-9, $on / $module->operateAmps);
                self::assertLessThanOrEqual($result->pinAmps->value + 1e-12, $on);
                self::assertGreaterThanOrEqual(($result->staysOff->worst->value ?? INF) * (1 - 1e-9), $module->releaseAmps / $off);
            }
        }
    }

    /** The strapped node with a module on it: no board's node may be further on the wrong side than the corner says. */
    public function testNoStrappedNodeIsWorse(): void
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $board = TestBoards::edited(TestBoards::sound(), new DriveByModule(['A1'], $module), new SeatFunction('F1', '12'));
        $node = array_values(Seating::of($board)->strappedNodes)[0];
        $chip = $board->controller()->chip;
        $rail = $board->railVolts('R1');
        for ($number = 0; $number < self::BOARDS; ++$number) {
            $pull = $this->within($chip->electrics->pullDownResistance);
            $led = $this->within($module->indicatorVolts) + $this->within($module->optoVolts);
            $volts = $pull * OptoInput::amps($this->within($rail), $this->within($module->seriesResistance), $led, 2, 0.0, $pull);
            self::assertGreaterThanOrEqual(
                ($node->margin->worst->value ?? INF) * (1 - 1e-6),
                $chip->electrics->inputLowRatio * $this->within($chip->electrics->supply) / $volts,
            );
        }
    }

    /** The film's coil voltage is the greatest that any board shows while a pull-up feeds the open base. */
    public function testNoRelayTwitchesMore(): void
    {
        $board = TestBoards::edited(self::driven(470.0, null, 'reinforced-12v'), new SeatFunction('F1', '15'));
        $cause = Seating::of($board)->films['F1']->moments[0]->cause;
        $chip = $board->controller()->chip;
        $actuator = $board->actuator('A1');
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail);
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $greatest = 0.0;
        for ($number = 0; $number < self::BOARDS; ++$number) {
            $point = NpnOperatingPoint::solve(new NpnCircuit(
                $this->within($chip->electrics->supply),
                $this->within($chip->electrics->pullUpResistance) + $this->within(Spread::tolerance(
                    470.0,
                    SwitchCircuit::RESISTOR_TOLERANCE,
                )),
                null,
                $this->within($rail),
                $this->within($relay->coilResistance),
                $transistor->collectorResistance->typ,
                $this->within($transistor->gain),
                $transistor->reverseGain,
                $this->within($transistor->saturationCurrent),
            ));
            $greatest = max($greatest, $point->coilVolts);
            self::assertLessThanOrEqual($cause->value + 1e-6, $point->coilVolts);
        }
        self::assertGreaterThan(0.8 * $cause->value, $greatest, 'The corner is not exaggerated either.');
    }

    /** A draw from a spread: a third of them at the least, a third at the greatest, the rest in between. */
    private function within(Spread $spread): float
    {
        $this->seed = ($this->seed * 1103515245 + 12345) % 2147483648;
        $share = $this->seed / 2147483648;

        return match (true) {
            $share < 1 / 3 => $spread->min,
            $share > 2 / 3 => $spread->max,
            default => $spread->min + (3 * $share - 1) * ($spread->max - $spread->min),
        };
    }

    private static function driven(float $base, ?float $baseEmitter, string $relay): Board
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new DriveByTransistor(['A1'], TestBoards::part('npn-2n2222', Transistor::class), $base, $baseEmitter),
            new ChooseRelay(['A1'], TestBoards::part($relay, Relay::class)),
        );

        return str_ends_with($relay, '12v') ? TestBoards::edited(
            $board,
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new FeedCoils(['A1'], 'R2'),
        ) : $board;
    }

    private static function driveOf(Board $board): DriverResult
    {
        return DriverAnalysis::of($board)->results['A1'];
    }

    /** Two rails from sources of one kind, a diode before the one: the coil behind it gets less, though all else is equal. */
    public function testEqualCircuitsOnUnequalRailsAreNotTakenForEqual(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('Coils', TestBoards::part('module-5v-10w', Supply::class)),
            new ProtectRail('R2', TestBoards::part('schottky-3a', Protection::class)),
            new FeedCoils(['A2'], 'R2'),
        );
        $drive = DriverAnalysis::of($board);
        self::assertEqualsWithDelta(0.35, 62.0 * ($drive->results['A1']->coilAmps->value - $drive->results['A2']->coilAmps->value), 0.02);
    }
}
