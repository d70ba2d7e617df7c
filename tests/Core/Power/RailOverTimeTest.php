<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\Dip;
use IronLatch\Core\Power\DipVictim;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\Flows;
use IronLatch\Core\Power\RailCircuit;
use IronLatch\Core\Power\RailMoment;
use IronLatch\Core\Power\Reservoir;
use IronLatch\Core\Power\RideThrough;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Power\StartOrder;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** What a rail does over time, where it can be said beforehand. */
final class RailOverTimeTest extends TestCase
{
    /** Charged by 2.3 A less what is drawn later, 220 µF reach 2.5 V after C · V ÷ I. */
    public function testACapacitanceFillsAtTheLimitOfItsSource(): void
    {
        $circuit = self::circuit(TestBoards::edited(TestBoards::sound(), new StateReservoir('R1', 2.2e-3, 0.001)), false);
        self::assertEqualsWithDelta(2.2e-3 * 2.5 / 2.3, $circuit->run(RailMoment::coldStart())->reaches(2.5), 3e-5);
    }

    /** More capacitance never makes a dip deeper; more coils never make it shallower. */
    public function testADipFollowsWhatCausesIt(): void
    {
        $small = TestBoards::edited(TestBoards::withLines(8), new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class)));
        $before = 0.0;
        foreach ([47e-6, 220e-6, 1e-3, 4.7e-3, 10e-3] as $farads) {
            $lowest = self::circuit($small, true)->withFarads($farads)->run(RailMoment::pullIn())->lowestVolts();
            self::assertGreaterThanOrEqual($before - 1e-6, $lowest, sprintf('%g F', $farads));
            $before = $lowest;
        }
        $before = INF;
        foreach ([1, 2, 4, 8] as $lines) {
            $board = TestBoards::edited(TestBoards::withLines($lines), new RunCable('R1', 5.0, 0.25e-6));
            $lowest = self::circuit($board, true)->run(RailMoment::pullIn())->lowestVolts();
            self::assertLessThan($before, $lowest);
            $before = $lowest;
        }
    }

    /** Half the step gives the same within a few millivolts: the steps are small enough. */
    public function testTheStepsAreSmallEnough(): void
    {
        $circuit = self::circuit(
            TestBoards::edited(
                TestBoards::withLines(8),
                new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)),
                new RunCable('R1', 3.0, 0.25e-6),
            ),
            true,
        );
        self::assertEqualsWithDelta(
            $circuit->run(RailMoment::pullIn(50e-3, 5e-6))->lowestVolts(),
            $circuit->run(RailMoment::pullIn())->lowestVolts(),
            3e-3,
        );
        self::assertEqualsWithDelta(
            $circuit->run(RailMoment::pullIn(50e-3, 5e-6))->lowestVolts(),
            $circuit->run(RailMoment::pullIn(22e-3, 50e-6))->lowestVolts(),
            15e-3,
        );
    }

    public function testTheDrawnPointsLoseNoDip(): void
    {
        $wave = self::circuit(
            TestBoards::edited(TestBoards::withLines(8), new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class))),
            true,
        )->run(RailMoment::pullIn());
        $points = $wave->drawn(100);
        self::assertSame($wave->lowestVolts(), min([INF, ...array_column($points, 1)]));
        self::assertSame($wave->greatestAmps(), max([0.0, ...array_column($points, 3)]));
        self::assertLessThanOrEqual(102, count($points));
    }

    /** 10 ms of hold-up at 2 A are 45 ms at 0.44 A; then 220 µF do not carry the board on. */
    public function testAnInterruption(): void
    {
        $board = TestBoards::withLines(4);
        $flows = new Flows($board, Draws::of($board, DriverAnalysis::of($board)));
        $rides = RideThrough::all($flows, DriverAnalysis::of($board));
        self::assertSame([0.02, 0.1, 0.5], array_map(static fn(RideThrough $ride): float => $ride->seconds, $rides));
        self::assertEqualsWithDelta(0.01 * 2.0 / $flows->amps('R1', Scenario::allOn())->typical, $rides[0]->heldSeconds, 1e-9);
        self::assertSame(
            [[], ['R1' => DipVictim::Controller], ['R1' => DipVictim::Controller]],
            array_map(static fn(RideThrough $ride): array => $ride->suffers, $rides),
        );
        self::assertGreaterThan(4.9, $rides[0]->lowestVolts);
        self::assertLessThan(1.0, $rides[1]->lowestVolts);
        // A rail behind a step-down falls with the one before it.
        $behind = TestBoards::edited(
            $board,
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ConvertRail('R1', TestBoards::part('buck-5v-2a', Converter::class), 'R2'),
        );
        $flows = new Flows($behind, Draws::of($behind, DriverAnalysis::of($behind)));
        self::assertSame(['R1' => DipVictim::Controller], RideThrough::all($flows, DriverAnalysis::of($behind))[2]->suffers);
    }

    public function testRailsStandOneAfterTheOther(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddConvertedRail('Logic', TestBoards::part('ldo-1117-3v3', Converter::class), 'R1'),
            new AddRail('Battery', TestBoards::part('battery-9v', Supply::class)),
        );
        $order = StartOrder::of(new Flows($board, Draws::of($board, DriverAnalysis::of($board))))->seconds;
        self::assertSame(
            ['R3', 'R1', 'R2'],
            array_keys($order),
            'A battery is there at once, a module after half a second, what hangs on it last.',
        );
        self::assertEqualsWithDelta(0.5 + 220e-6 * 5 / (2.3 - 0.1053 - 0.005), $order['R1'], 1e-6);
        self::assertEqualsWithDelta(($order['R1'] ?? 0) + 220e-6 * 3.3 / (1.2 * 0.8), $order['R2'], 1e-6);
    }

    /** The capacitor that is proposed is the least of E6 with which nothing suffers. */
    public function testAReservoirIsSizedFromPreferredValues(): void
    {
        $board = TestBoards::withLines(8);
        $board = TestBoards::edited(
            $board,
            new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)),
            new ChooseRelay(array_keys($board->actuators()), TestBoards::part('cube-5v', Relay::class)),
            new StateReservoir('R1', 47e-6, 0.1),
        );
        $drive = DriverAnalysis::of($board);
        $flows = new Flows($board, Draws::of($board, $drive));
        self::assertNotSame(MarginState::Sound, Dip::of($flows, $drive, 'R1')->margin?->state());
        $edit = Reservoir::fitting($flows, $drive, 'R1');
        self::assertNotNull($edit);
        $state = static fn(float $farads): ?MarginState => Dip::of(
            new Flows((new StateReservoir('R1', $farads))->apply($board), $flows->draws),
            $drive,
            'R1',
        )->margin?->state();
        self::assertSame(MarginState::Sound, $state($edit->farads));
        $smaller = PreferredValues::e6Between(1e-6, 0.99 * $edit->farads)[0];
        self::assertNotSame(MarginState::Sound, $state($smaller), 'The next smaller one does not do.');
    }

    private static function circuit(Board $board, bool $worst): RailCircuit
    {
        $drive = DriverAnalysis::of($board);

        return RailCircuit::of(new Flows($board, Draws::of($board, $drive)), $drive, 'R1', $worst);
    }
}
