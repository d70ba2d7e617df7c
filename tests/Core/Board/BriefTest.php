<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Whole\StateBrief;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Standing;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** What a board is wanted for, as a part of it. */
final class BriefTest extends TestCase
{
    public function testItTravelsWithTheBoard(): void
    {
        $brief = new Brief(
            [
                new Wanted(2, 'Kitchen lamp', 'led-lamp', 12.0, by: [SurfaceKind::Knob]),
                new Wanted(1, 'Mixer', null, 90.0, LoadKind::UniversalMotor, false),
            ],
            [SurfaceKind::WallSwitch],
            ['humidity-sensor'],
            'mains-230',
            Fact::stated(Home::Rail),
            mostEuros: Fact::stated(40.0),
            freePins: Fact::stated(3),
            words: 'two lamps …',
            notUnderstood: ['and a laser'],
        );
        $board = (new StateBrief($brief))->apply(TestBoards::sound());
        self::assertEquals($brief, BoardJson::read(BoardJson::write($board))->brief);
        self::assertSame(3, $brief->lines());
        self::assertSame([SurfaceKind::WallSwitch, SurfaceKind::Knob], $brief->waysFor($brief->appliances[0]));
        self::assertSame([SurfaceKind::WallSwitch], $brief->waysFor($brief->appliances[1]));
    }

    public function testWhatIsAssumedSaysWhyAndGivesWayToWhatIsStated(): void
    {
        self::assertSame(2, (new Brief())->keptPins());
        self::assertSame('one more sensor is always wanted later', (new Brief())->assumed()['freePins']->because);
        $stated = new Brief(freePins: Fact::stated(0));
        self::assertSame(0, $stated->keptPins());
        self::assertArrayNotHasKey('freePins', $stated->assumed());
        foreach ((new Brief())->assumed() as $fact) {
            self::assertFalse($fact->isStated());
            self::assertNotSame('', $fact->because);
        }
    }

    public function testARadioIsWantedOnlyWhereSomethingComesThroughTheAir(): void
    {
        self::assertFalse((new Brief(by: [SurfaceKind::WallSwitch, SurfaceKind::InfraredKey, SurfaceKind::SerialRadio]))->wantsRadio());
        self::assertTrue((new Brief(by: [SurfaceKind::NetworkTopic]))->wantsRadio());
        self::assertTrue((new Brief([new Wanted(1, 'Lamp', 'led-lamp', by: [SurfaceKind::SpokenName])]))->wantsRadio());
    }

    public function testAPlaceSaysHowItsBoxStands(): void
    {
        $standing = array_map(static fn(Home $home): Standing => $home->standing(), Home::cases());
        self::assertSame([Standing::InWall, Standing::OnRail, Standing::ByItself, Standing::ByItself], $standing);
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    private static function refused(): iterable
    {
        yield 'none of a kind' => [static fn(): Wanted => new Wanted(0, 'Lamp'), 'Between 1 and 64 appliances'];
        yield 'too many of a kind' => [static fn(): Wanted => new Wanted(65, 'Lamp'), 'Between 1 and 64 appliances'];
        yield 'no name' => [static fn(): Wanted => new Wanted(1, ' '), 'has a name of at most 100 characters'];
        yield 'more lines than asked for' => [
            static fn(): Wanted => new Wanted(1, 'Lamp', lines: ['L1', 'L2']),
            'More lines came of this row',
        ];
        yield 'too many in all' => [
            static fn(): Brief => new Brief([new Wanted(64, 'Lamp', 'led-lamp'), new Wanted(1, 'Fan', 'vent-fan')]),
            '65 appliances are more than one board switches',
        ];
        yield 'a reserve that no controller has' => [
            static fn(): Brief => new Brief(freePins: Fact::stated(41)),
            '41 is out of range here',
        ];
        yield 'less than none' => [static fn(): Brief => new Brief(spareRelays: Fact::stated(-1)), '-1 is out of range here'];
    }

    public function testWhatCannotBeIsRefusedInWords(): void
    {
        foreach (self::refused() as $name => [$make, $words]) {
            try {
                $make();
                self::fail($name);
            } catch (\InvalidArgumentException $fault) {
                self::assertStringContainsString($words, $fault->getMessage(), $name);
            }
        }
    }

    public function testAFileWhoseBriefNamesALineThatIsNotThereIsRefused(): void
    {
        $board = (new StateBrief(new Brief([new Wanted(1, 'Lamp', 'led-lamp', lines: ['L1'])])))->apply(TestBoards::sound());
        $this->expectException(BoardFileFault::class);
        $this->expectExceptionMessage('there is no such line');
        BoardJson::read(str_replace('"L1"' . "\n                ]", '"L99"' . "\n                ]", BoardJson::write($board)));
    }

    public function testAnEditForgetsLinesThatAreGone(): void
    {
        $brief = new Brief([new Wanted(2, 'Lamp', 'led-lamp', lines: ['L1', 'L77'])]);
        $board = (new StateBrief($brief))->apply(TestBoards::sound());
        self::assertSame(['L1'], $board->brief?->appliances[0]->lines);
        self::assertSame($board->brief, $board->brief->keeping(['L1', 'L2']));
        self::assertSame('State the brief: 2 appliances', (new StateBrief($brief))->summary($board));
        self::assertTrue($brief->appliances[0]->isDescribed());
        self::assertFalse(Copy::of($brief->appliances[0], ['appliance' => null, 'watts' => 5.0])->isDescribed());
    }
}
