<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\House\AddPlace;
use IronLatch\Core\Board\Edit\House\MoveBoard;
use IronLatch\Core\Board\Edit\House\RemoveHouseCable;
use IronLatch\Core\Board\Edit\House\RemovePlace;
use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\House\StandAt;
use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\TakeBack;
use IronLatch\Core\Board\HouseCable;
use IronLatch\Core\Board\HousePlace;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Record\Fact;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class HouseTest extends TestCase
{
    public function testABoardStandsAtOnePlaceFromTheBeginning(): void
    {
        $bare = TestBoards::bare();
        self::assertEquals(['H1' => new HousePlace('The box', PlaceKind::Box)], $bare->places);
        $this->expectExceptionMessage('The board stands at one place, no more and no less.');
        $bare->with(places: []);
    }

    public function testWhatIsTakenAwayLeavesNothingBehind(): void
    {
        $hall = Starts::hall();
        self::assertSame('H2', $hall->functions['F3']->place);
        $gone = (new RemovePlace('H2'))->apply($hall);
        self::assertSame([['H1'], [], null], [array_keys($gone->places), $gone->houseCables, $gone->functions['F3']->place]);
        $others = (new StandAt('H2', ['F4'], ['L1']))->apply($hall);
        self::assertSame(
            [null, 'H2', 'H2'],
            [$others->functions['F3']->place, $others->functions['F4']->place, $others->lines['L1']->place],
        );
        self::assertNull((new StandAt('H2'))->apply($others)->lines['L1']->place, 'Nothing stands there any more.');
        self::assertArrayNotHasKey('F5', (new RemoveFunction('F5'))->apply((new StandAt('H2', ['F5']))->apply($hall))->functions);
        self::assertSame([], (new RemoveHouseCable('J1'))->apply($hall)->houseCables);
        self::assertSame('H3', array_key_last((new AddPlace('Loft'))->apply($gone)->places), 'No id is given twice.');
    }

    public function testTheBoardMovesAndItsSwitchesStay(): void
    {
        $moved = (new MoveBoard('H2'))->apply(Starts::hall());
        self::assertSame(
            [PlaceKind::Switch, PlaceKind::Box, 'H2'],
            [$moved->places['H1']->kind, $moved->places['H2']->kind, $moved->boxPlace()],
        );
        self::assertSame(16.0, $moved->places['H1']->breakerAmps?->value, 'What is known of a place stays with it.');
        $this->refused('The board stands here.', static fn(): Board => (new RemovePlace('H2'))->apply($moved));
        $this->refused('The board stands there already.', static fn(): Board => (new MoveBoard('H2'))->apply($moved));
    }

    public function testAPulledCableIsForExtraLowVoltageAlone(): void
    {
        $cable = (new RunHouseCable('H2', 'H1', 4))->apply(Starts::hall())->houseCables['J2'];
        self::assertSame([0, 0, 4, 0], array_map($cable->cores(...), ['mains', 'earth', 'low', 'free']));
        self::assertTrue($cable->joins('H1', 'H2') && $cable->joins('H2', 'H1') && !$cable->joins('H1', 'H3'));
        $found = (new RunHouseCable('H2', 'H1'))->apply(Starts::hall())->houseCables['J2'];
        self::assertNull($found->free, 'Of one that is there already nobody has said anything.');
    }

    public function testFactsAreStatedAndTakenBack(): void
    {
        $house = Starts::house();
        self::assertTrue($house->places['H1']->breakerAmps?->isStated());
        $back = (new TakeBack(['H1.breakerAmps']))->apply($house);
        self::assertNull($back->places['H1']->breakerAmps);
        self::assertSame(4, (new StateHouseCable(['J1'], free: 4))->apply(Starts::hall())->houseCables['J1']->free?->value);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        $hall = Starts::hall();
        $this->refused('Give it a name first.', static fn(): Board => (new AddPlace(' '))->apply($hall));
        $this->refused('stands at one place only', static fn(): Board => (new AddPlace('Loft', PlaceKind::Box))->apply($hall));
        $this->refused('Nothing was stated.', static fn(): Board => (new StatePlace(['H1']))->apply($hall));
        $this->refused('runs between two places', static fn(): Board => (new RunHouseCable('H1', 'H1'))->apply($hall));
        $this->refused('The place H9 is not on this board any more.', static fn(): Board => (new StandAt('H9', ['F3']))->apply($hall));
        foreach ([0, 13] as $circuits) {
            try {
                (new StatePlace(['H2'], circuits: $circuits))->apply($hall);
                self::fail((string) $circuits);
            } catch (\InvalidArgumentException $refused) {
                self::assertStringContainsString('Between 1 and 12 circuits', $refused->getMessage());
            }
        }
        $this->expectExceptionMessage('A cable has between 0 and 60 cores of one kind.');
        new HouseCable('H1', 'H2', Fact::stated(61));
    }

    /**
     * @param \Closure(): Board $make
     */
    private function refused(string $words, \Closure $make): void
    {
        try {
            $make();
            self::fail($words);
        } catch (EditRefused $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }
}
