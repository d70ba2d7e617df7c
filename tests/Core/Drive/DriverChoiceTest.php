<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\DriverChoice;
use IronLatch\Core\Drive\DriverWay;
use IronLatch\Core\Drive\MonteCarlo;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class DriverChoiceTest extends TestCase
{
    public function testSizedCircuitsPassAtEveryCornerAndInEveryDraw(): void
    {
        $twelve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], TestBoards::part('reinforced-12v', Relay::class)),
            new FeedCoils(['A1'], 'R2'),
        );
        foreach ([TestBoards::sound(), $twelve] as $board) {
            $sound = array_values(array_filter(self::ways($board), static fn(DriverWay $way): bool => $way->isSound()));
            self::assertGreaterThanOrEqual(6, count($sound));
            foreach ($sound as $way) {
                self::assertGreaterThanOrEqual(1.0, $way->margin(), $way->title);
                $made = $way->edit(['A1'])->apply($board);
                $actuator = $made->actuator('A1');
                self::assertEquals(
                    $way->result->pullIn->worst->value,
                    \IronLatch\Core\Drive\Circuit\Circuits::result($made, $actuator)->pullIn->worst->value,
                    $way->title,
                );
                $circuit = Circuits::ofSingleParts($made, $actuator);
                if (null !== $circuit) {
                    self::assertSame(0, MonteCarlo::run($circuit, $made->relay($actuator), 40.0, 120)->failing, $way->title);
                }
            }
        }
    }

    public function testSoundOnesComeFirstAndTheArrayOnFiveVoltsIsNotAmongThem(): void
    {
        $ways = self::ways(TestBoards::sound());
        $states = array_map(static fn(DriverWay $way): bool => $way->isSound(), $ways);
        $sorted = $states;
        rsort($sorted);
        self::assertSame($sorted, $states);
        $byId = array_combine(array_map(static fn(DriverWay $way): string => $way->id, $ways), $states);
        self::assertSame(
            [true, false, false, true, false, true, false],
            [
                $byId['npn:npn-2n2222'],
                $byId['array:uln2003a'],
                $byId['mosfet:mosfet-10v'],
                $byId['mosfet:mosfet-2v5'],
                $byId['mosfet:mosfet-4v5'],
                $byId['module:opto-module-low:low'],
                $byId['module:opto-module-jumper:high'],
            ],
        );
    }

    /** A relay that is driven active low now is judged active high with a circuit that is: as the edit would make it. */
    public function testACircuitIsJudgedWithTheLevelThatItBrings(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)));
        $levels = [];
        DriverChoice::ways($board, $board->actuator('A1'), [
            TestBoards::part('npn-2n2222', Transistor::class),
            TestBoards::part('opto-module-low', OptoModule::class),
        ], static function (Board $with, Actuator $driven) use (&$levels): bool {
            $levels[] = $driven->activeLevel->value;

            return false;
        });
        self::assertSame([Level::High, Level::Low], $levels);
        $mosfet = [TestBoards::part('mosfet-2v5', Mosfet::class)];
        $ways = Repairs::of(new Inspection($board, TestBoards::catalogue()))->driverWays('A1', $mosfet);
        self::assertTrue($ways[0]->isSound());
        // On a pin that is pulsed at start-up it moves the relay, and is not.
        $pulsed = TestBoards::edited($board, new SeatFunction('F1', '14'));
        $pulsedWays = Repairs::of(new Inspection($pulsed, TestBoards::catalogue()))->driverWays('A1', $mosfet);
        self::assertFalse($pulsedWays[0]->isSound());
    }

    public function testWhatMovesAtStartUpIsNotSound(): void
    {
        foreach (DriverChoice::ways(
            TestBoards::sound(),
            TestBoards::sound()->actuator('A1'),
            [TestBoards::part('npn-2n2222', Transistor::class)],
            static fn(): bool => true,
        ) as $way) {
            self::assertFalse($way->isSound());
        }
    }

    /** Wilson’s interval for 10 of 100: 5.5 % to 17.4 % (worked by hand from the formula). */
    public function testTheConfidenceInterval(): void
    {
        [$least, $greatest] = MonteCarlo::wilson(10, 100);
        self::assertEqualsWithDelta(0.0552, $least, 0.0005);
        self::assertEqualsWithDelta(0.1744, $greatest, 0.0005);
        self::assertEqualsWithDelta(0.0, MonteCarlo::wilson(0, 1000)[0], 1e-12);
        self::assertEqualsWithDelta(0.00383, MonteCarlo::wilson(0, 1000)[1], 0.0001);
    }

    public function testATriangleHasItsMiddleWhereItShould(): void
    {
        self::assertEqualsWithDelta(1.0, MonteCarlo::triangular(0.5, 0.0, 1.0, 2.0), 1e-12);
        self::assertSame([0.0, 2.0], [MonteCarlo::triangular(0.0, 0.0, 1.0, 2.0), MonteCarlo::triangular(1.0, 0.0, 1.0, 2.0)]);
        // A third of the area lies left of a knee at a third of the width.
        self::assertEqualsWithDelta(1.0, MonteCarlo::triangular(1 / 3, 0.0, 1.0, 3.0), 1e-12);
    }

    public function testTheSameSeedDrawsTheSameBoardsAndEveryDrawLiesWithinTheCorners(): void
    {
        $board = TestBoards::sound();
        $actuator = $board->actuator('A1');
        $circuit = Circuits::ofSingleParts($board, $actuator);
        self::assertNotNull($circuit);
        $relay = $board->relay($actuator);
        $one = MonteCarlo::run($circuit, $relay, 40.0, 500, 7);
        self::assertEquals($one, MonteCarlo::run($circuit, $relay, 40.0, 500, 7));
        self::assertNotEquals($one->bins, MonteCarlo::run($circuit, $relay, 40.0, 500, 8)->bins);
        self::assertSame(500, array_sum(array_column($one->bins, 1)));
        self::assertGreaterThanOrEqual($circuit->on($circuit->worst(40.0))->coilVolts / $relay->operateVolts(40.0), $one->leastMargin);
    }

    /**
     * @return list<DriverWay>
     */
    private static function ways(Board $board): array
    {
        $parts = [];
        foreach ([Transistor::class, Mosfet::class, DarlingtonArray::class, OptoCoupler::class, OptoModule::class] as $class) {
            array_push($parts, ...array_values(TestBoards::catalogue()->parts($class)));
        }

        return DriverChoice::ways($board, $board->actuator('A1'), $parts, static fn(): bool => false);
    }
}
