<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controls\AddSelector;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\FreezePins;
use IronLatch\Core\Board\Edit\Pins\LockSeat;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Pins\SeatingPlan;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Review\WayOut;
use IronLatch\Core\Review\WaysOut;
use IronLatch\Tests\Support\RandomBoards;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** What a practitioner expects of a seating; that it is the best there is, the reference tests show. */
final class SeatingSolverTest extends TestCase
{
    public function testRelaysStandInOrderOnTheQuietPinsOfOneEdge(): void
    {
        $board = self::withRelays(TestBoards::bare(), 8);
        self::assertSame(
            ['GPIO23', 'GPIO22', 'GPIO21', 'GPIO19', 'GPIO18', 'GPIO17', 'GPIO16', 'GPIO4'],
            array_values(self::seats($board)),
        );
    }

    public function testReceiversGoToInputOnlyPinsSwitchesKeepOffStraps(): void
    {
        $board = TestBoards::edited(
            self::withRelays(TestBoards::bare(), 4),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::WallSwitch),
            new AddFunction(FunctionKind::MotionSensor, 'Motion'),
            new AddFunction(FunctionKind::AnalogueSensor, 'Light'),
        );
        $seats = self::seats($board);
        // 36 and 39 glitch when a converter powers up, which an edge would be mistaken for.
        self::assertContains($seats['F5'], ['GPIO34', 'GPIO35']);
        self::assertContains($seats['F7'], ['GPIO34', 'GPIO35', 'GPIO36', 'GPIO39']);
        self::assertContains($seats['F8'], ['GPIO34', 'GPIO35', 'GPIO36', 'GPIO39']);
        self::assertNull($board->controller()->pins[$seats['F6']]->chip->strap);
    }

    public function testBusesGoToTheirUsualPinsAndToOneUnit(): void
    {
        $bus = new AddGroup(GroupKind::I2c, 'Bus');
        self::assertSame(['GPIO21', 'GPIO22'], array_values(self::seats(TestBoards::edited(TestBoards::bare(), $bus))));
        self::assertSame(
            ['PC4', 'PC5'],
            array_values(self::seats(TestBoards::edited(TestBoards::bare('atmega328p-carrier-30', 'atmega328p'), $bus))),
        );
        $rp = TestBoards::edited(
            TestBoards::bare('rp2040-carrier-40', 'rp2040'),
            $bus,
            new AddGroup(GroupKind::Uart, 'Link'),
            new AddGroup(GroupKind::Spi, 'Display'),
        );
        $seats = self::seats($rp);
        foreach ($rp->groups as $group) {
            $units = null;
            foreach ($group->functions as $id) {
                $signal = $rp->functions[$id]->kind->busSignal();
                if (null !== $signal) {
                    $own = $rp->controller()->pins[$seats[$id]]->chip->unitsAs($signal);
                    $units = null === $units ? $own : array_intersect($units, $own);
                }
            }
            self::assertCount(1, $units ?? [], $group->name . ' keeps to one unit.');
        }
    }

    public function testLockedAndFrozenSeatsStay(): void
    {
        $board = TestBoards::edited(self::withRelays(TestBoards::bare(), 3), new SeatFunction('F2', '14'), new LockSeat('F2', true));
        self::assertSame('GPIO14', self::seats($board)['F2']);
        $frozen = TestBoards::edited(
            self::withRelays(TestBoards::bare(), 3),
            new SeatFunction('F1', '27'),
            new SeatFunction('F3', '13'),
            new FreezePins(),
        );
        self::assertSame(['GPIO27', 'GPIO13'], [self::seats($frozen)['F1'], self::seats($frozen)['F3']]);
    }

    public function testSpareHeaderPinsKeepTheirOrder(): void
    {
        $board = self::withRelays(TestBoards::bare(), 4);
        foreach (['A', 'B', 'C'] as $name) {
            $board = (new AddFunction(FunctionKind::SparePin, 'Spare ' . $name))->apply($board);
        }
        $board = (new AddGroup(GroupKind::HeaderOrder, 'Spare header', ['F7', 'F6', 'F5']))->apply($board);
        $place = array_flip(array_keys($board->controller()->pins));
        $seats = self::seats($board);
        self::assertLessThan($place[$seats['F6']], $place[$seats['F7']]);
        self::assertLessThan($place[$seats['F5']], $place[$seats['F6']]);
    }

    public function testTheSameBoardIsAlwaysSeatedTheSameAndASecondTimeNothingMoves(): void
    {
        foreach ([3, 8, 21] as $seed) {
            $board = RandomBoards::drawn($seed);
            $seats = self::seats($board);
            self::assertSame($seats, self::seats($board));
            $seated = SeatingPlan::of($board)->edit()->apply($board);
            $again = SeatingPlan::of($seated);
            self::assertSame(0, $again->solution()->tiers['moved'], 'seed ' . $seed);
            self::assertEquals($seats, $again->solution()->seats);
        }
    }

    public function testAnActiveLowModuleMayHangOnAQuasiBidirectionalExpander(): void
    {
        $board = TestBoards::edited(
            self::withRelays(TestBoards::bare('esp8266-carrier-16', 'esp8266'), 8),
            new DriveByModule(['A1', 'A2', 'A3', 'A4', 'A5', 'A6', 'A7', 'A8'], TestBoards::part('opto-module-low', OptoModule::class)),
            new FitExpander(TestBoards::part('pcf8574', Expander::class)),
        );
        $plan = SeatingPlan::of($board);
        self::assertTrue($plan->solution()->fits());
        $after = $plan->edit()->apply($board);
        $onExpander = array_filter($after->seats, static fn($seat): bool => str_starts_with($seat->pin, 'X1.'));
        self::assertGreaterThanOrEqual(6, count($onExpander));
        self::assertSame(
            [],
            array_filter(
                TestBoards::inspect($after)->findings,
                static fn($finding): bool => Severity::Hint !== $finding->severity && str_starts_with($finding->rule->id, 'pins.'),
            ),
        );
    }

    /** Twelve lines, twelve wall switches, a receiver and a serial radio: solved, or explained, on every controller. */
    public function testTheTwelveLineBoardIsSolvedOrExplainedOnEveryController(): void
    {
        $fits = [];
        foreach (TestBoards::catalogue()->parts(Carrier::class) as $id => $carrier) {
            $board = self::withRelays(TestBoards::bare($id, $carrier->chip), 12);
            foreach (array_keys($board->lines) as $line) {
                $board = (new AddSurface($line, SurfaceKind::WallSwitch))->apply($board);
            }
            $board = TestBoards::edited(
                $board,
                new AddSurface('L1', SurfaceKind::InfraredKey),
                new AddGroup(GroupKind::Uart, 'Serial radio'),
            );
            self::assertCount(27, $board->functions);
            $inspection = new Inspection($board, TestBoards::catalogue());
            $solution = $inspection->plan->solution();
            $fits[$id] = $solution->fits();
            if ($solution->fits()) {
                continue;
            }
            $finding = TestBoards::inspect($board)->finding('pins.does-not-fit:board');
            self::assertNotNull($finding, $id);
            self::assertStringContainsString('without any one of them the others can', $finding->statement);
            $ways = WaysOut::of($inspection);
            self::assertNotSame([], array_filter($ways, static fn(WayOut $way): bool => $way->fits()), $id . ' has a way out.');
            foreach ($ways as $way) {
                self::assertCount($way->unseated, array_diff_key($way->board->functions, $way->board->seats), $way->title);
                self::assertLessThan(count($inspection->plan->solution()->unseated), $way->unseated, 'A way out leads on.');
            }
        }
        self::assertSame(['esp32-s3-carrier-44'], array_keys(array_filter($fits)));
    }

    public function testALadderTakesOnePinForASelector(): void
    {
        $board = TestBoards::edited(self::withRelays(TestBoards::bare('esp32-c3-carrier-16', 'esp32-c3'), 6), new AddSelector('Steps', 9));
        $inspection = new Inspection($board, TestBoards::catalogue());
        self::assertFalse($inspection->plan->solution()->fits());
        $ladder = WaysOut::named($inspection, 'ladder:G1');
        self::assertNotNull($ladder);
        self::assertTrue($ladder->fits());
        self::assertSame(0.0, $ladder->price);
        self::assertSame(FunctionKind::SelectorLadder, array_values($ladder->board->functions)[6]->kind);
        $made = $ladder->edit->apply($board);
        self::assertEquals($ladder->board->seats, $made->seats);
    }

    private static function withRelays(Board $board, int $count): Board
    {
        return TestBoards::edited(
            $board,
            ...array_map(
                static fn(int $line): Edit => new AddLine('Line ' . $line, TestBoards::part('led-lamp', Appliance::class)),
                range(1, $count),
            ),
        );
    }

    /**
     * @return array<string, string>
     */
    private static function seats(Board $board): array
    {
        return SeatingPlan::of($board)->solution()->seats;
    }
}
