<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\CoilGroup;
use IronLatch\Core\Power\Dip;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\Flows;
use IronLatch\Core\Power\RailCircuit;
use IronLatch\Core\Power\RailMoment;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Rails that are followed over time, against transient analyses of ngspice (Debian package) run on the netlists that we export: within 5
 * % of the dip or 10 mV.
 */
final class RailsAgainstNgspiceTest extends TestCase
{
    private const VOLTS = 0.010;
    private const SHARE = 0.05;
    /** While the rail falls freely it does so by several volts each millisecond, and steps are 20 µs long. */
    private const FALLING_VOLTS = 0.06;

    /**
     * @return iterable<string, array{Board, string}>
     */
    public static function rails(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $eight = TestBoards::withLines(8);
        yield 'eight coils on a firm module' => [$eight, 'R1'];
        yield 'behind 12 m of thin cable' => [TestBoards::edited($eight, new RunCable('R1', 6.0, 0.25e-6)), 'R1'];
        yield 'behind a diode and a fuse' => [
            TestBoards::edited(
                $eight,
                new ProtectRail('R1', TestBoards::part('schottky-3a', Protection::class)),
                new ProtectRail('R1', TestBoards::part('fuse-1a', Protection::class)),
            ),
            'R1',
        ];
        yield 'a module that the burst takes beyond its limit' => [
            TestBoards::edited(
                $eight,
                new ChooseSupply('R1', $supply('module-5v-5w')),
                new ChooseRelay(array_keys($eight->actuators()), TestBoards::part('cube-5v', Relay::class)),
                new StateReservoir('R1', 1e-3, 0.1),
            ),
            'R1',
        ];
        yield 'a module that is too small altogether' => [
            TestBoards::edited(TestBoards::withLines(3), new ChooseSupply('R1', $supply('module-5v-3w'))),
            'R1',
        ];
        yield 'next to no capacitance' => [
            TestBoards::edited($eight, new StateReservoir('R1', 1e-6, 0.05), new RunCable('R1', 6.0, 0.25e-6)),
            'R1',
        ];
        $twelve = TestBoards::edited(
            $eight,
            new AddRail('12 V', $supply('battery-9v')),
            new ChooseRelay(['A1', 'A2', 'A3'], TestBoards::part('reinforced-12v', Relay::class)),
            new FeedCoils(['A1', 'A2', 'A3'], 'R2'),
        );
        yield 'three coils on a block battery' => [$twelve, 'R2'];
        yield 'two kinds of coils on one rail' => [
            TestBoards::edited(
                $eight,
                new ChooseRelay(['A1', 'A2', 'A3'], TestBoards::part('cube-5v', Relay::class)),
                new RunCable('R1', 8.0, 0.5e-6),
            ),
            'R1',
        ];
    }

    #[DataProvider('rails')]
    public function testTheDipWhileRelaysPullIn(Board $board, string $rail): void
    {
        foreach ([false, true] as $worst) {
            $circuit = self::circuit($board, $rail, $worst);
            $moment = RailMoment::pullIn();
            $mine = $circuit->run($moment);
            $spice = Ngspice::transient(
                $circuit->spice($moment),
                $moment->step,
                $moment->seconds,
                [
                    'low' => 'min v(rail)',
                    'before' => 'find v(rail) at=1.5m',
                    'rising' => 'find v(rail) at=4m',
                    'burst' => 'find v(rail) at=15m',
                    'after' => 'find v(rail) at=45m',
                ],
            );
            $depth = max(0.0, $spice['before'] - $spice['low']);
            self::assertEqualsWithDelta($spice['low'], $mine->lowestVolts(), max(self::VOLTS, self::SHARE * $depth));
            foreach (['before' => 1.5e-3, 'rising' => 4e-3, 'burst' => 15e-3, 'after' => 45e-3] as $at => $seconds) {
                self::assertEqualsWithDelta(
                    $spice[$at],
                    $mine->volts[(int) round($seconds / $moment->step)],
                    max(self::VOLTS, self::SHARE * $depth),
                    $at,
                );
            }
        }
    }

    #[DataProvider('rails')]
    public function testAnInterruptionOfTheMains(Board $board, string $rail): void
    {
        $circuit = self::circuit($board, $rail, false);
        $moment = RailMoment::interruption(20e-3);
        $mine = $circuit->run($moment);
        $spice = Ngspice::transient(
            $circuit->spice($moment),
            $moment->step,
            $moment->seconds,
            ['low' => 'min v(rail)', 'early' => 'find v(rail) at=6m', 'mid' => 'find v(rail) at=10m'],
        );
        self::assertEqualsWithDelta(max(0.0, $spice['early']), $mine->volts[(int) round(6e-3 / $moment->step)], self::FALLING_VOLTS);
        self::assertEqualsWithDelta(max(0.0, $spice['mid']), $mine->volts[(int) round(10e-3 / $moment->step)], self::FALLING_VOLTS);
        self::assertEqualsWithDelta(max(0.0, $spice['low']), $mine->lowestVolts(), self::FALLING_VOLTS);
    }

    #[DataProvider('rails')]
    public function testAColdStart(Board $board, string $rail): void
    {
        $circuit = self::circuit($board, $rail, false);
        $moment = RailMoment::coldStart();
        $half = $circuit->sourceVolts / 2;
        $spice = Ngspice::transient(
            $circuit->spice($moment),
            $moment->step,
            $moment->seconds,
            ['half' => sprintf('when v(rail)=%.6g rise=1', $half), 'end' => 'find v(rail) at=45m'],
        );
        $mine = $circuit->run($moment);
        self::assertEqualsWithDelta($spice['half'], $mine->reaches($half), max(0.05 * $spice['half'], 2 * $moment->step));
        self::assertEqualsWithDelta($spice['end'], $mine->volts[4500], self::VOLTS);
    }

    /** The bound that stands for the dip where the source can give everything is never above what the simulator finds, nor far below it. */
    #[DataProvider('rails')]
    public function testTheBoundHolds(Board $board, string $rail): void
    {
        $flows = new Flows($board, Draws::of($board, DriverAnalysis::of($board)));
        $dip = Dip::of($flows, DriverAnalysis::of($board), $rail);
        $circuit = self::circuit($board, $rail, true);
        $moment = RailMoment::pullIn();
        $low = Ngspice::transient($circuit->spice($moment), $moment->step, $moment->seconds, ['low' => 'min v(rail)'])['low'];
        self::assertLessThanOrEqual($low + self::VOLTS, $dip->worst->value);
        self::assertGreaterThan($low - 0.15 * $circuit->sourceVolts, $dip->worst->value);
    }

    /** Of eight relays three pull in while four are in already and one rests, as the bench asks: the four draw steadily. */
    public function testSomePullInWhileOthersAreIn(): void
    {
        $board = TestBoards::edited(TestBoards::withLines(8), new RunCable('R1', 6.0, 0.25e-6));
        $drive = DriverAnalysis::of($board);
        $flows = new Flows($board, Draws::of($board, $drive));
        $circuit = RailCircuit::pulling($flows, $drive, 'R1', false, ['A1', 'A2', 'A3'], ['A4', 'A5', 'A6', 'A7']);
        self::assertSame(3, array_sum(array_map(static fn(CoilGroup $coil): int => $coil->count, $circuit->coils)));
        $all = self::circuit($board, 'R1', false);
        $held = array_sum(array_map(static fn(string $id): float => $drive->results[$id]->coilAmps->value, ['A4', 'A5', 'A6', 'A7']));
        self::assertEqualsWithDelta($held, $circuit->steadyAmps - $all->steadyAmps, 1e-9);
        $moment = RailMoment::pullIn();
        $low = Ngspice::transient($circuit->spice($moment), $moment->step, $moment->seconds, ['low' => 'min v(rail)'])['low'];
        self::assertEqualsWithDelta($low, $circuit->run($moment)->lowestVolts(), self::VOLTS);
    }

    private static function circuit(Board $board, string $rail, bool $worst): RailCircuit
    {
        $drive = DriverAnalysis::of($board);

        return RailCircuit::of(new Flows($board, Draws::of($board, $drive)), $drive, $rail, $worst);
    }
}
