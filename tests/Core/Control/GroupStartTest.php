<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Control\GroupStart;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Power\Scenario;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class GroupStartTest extends TestCase
{
    /**
     * A lamp (18 W at 0.5: 157 mA, 40 times) and a fan in the bath (40 W at 0.6: 290 mA, 6 times): 8.0 A at once; one after the other
     * the lamp first, then the fan on top of it.
     */
    public function testWhatAGroupDrawsForAMoment(): void
    {
        $board = TestBoards::operatedInManyWays();
        [$bath] = GroupStart::all($board, LivePath::of($board));
        $lamp = 18 / (230 * 0.5);
        $fan = 40 / (230 * 0.6);
        self::assertSame('Bath', $bath->name);
        self::assertEqualsWithDelta(40 * $lamp + 6 * $fan, $bath->atOnce->value, 1e-9);
        self::assertEqualsWithDelta(max(40 * $lamp, $lamp + 6 * $fan), $bath->staggered->value, 1e-9);
    }

    public function testGroupsMayBearANumberOrOneName(): void
    {
        $board = TestBoards::edited(
            TestBoards::operatedInManyWays(),
            new AddLineGroup(LineGroupKind::Room, '7', ['L1', 'L4']),
            new AddLineGroup(LineGroupKind::Room, 'Bath', ['L1', 'L2']),
        );
        self::assertSame(
            ['Bath', '7', 'Bath'],
            array_map(static fn(GroupStart $one): string => $one->name, GroupStart::all($board, LivePath::of($board))),
        );
    }

    public function testLinesThatComeBackTogetherCountAsAGroup(): void
    {
        $board = TestBoards::edited(TestBoards::operatedInManyWays(), new StateSafety(['L1', 'L4'], restore: RestorePolicy::Last));
        self::assertSame(
            ['Bath', 'After a power cut'],
            array_map(static fn(GroupStart $one): string => $one->name, GroupStart::all($board, LivePath::of($board))),
        );
    }

    /** Power shows the moment of each group that switches on: all coils at once, unless the program keeps them apart. */
    public function testAGroupIsAMomentOfPower(): void
    {
        $board = TestBoards::operatedInManyWays();
        $scenarios = Scenario::all($board);
        self::assertArrayNotHasKey('K1', $scenarios, 'It only switches off.');
        self::assertSame([['L1', 'L3'], false, true], [$scenarios['K2']->lines, $scenarios['K2']->pullsIn, $scenarios['K2']->radioSends]);
        self::assertTrue(Scenario::all(TestBoards::edited($board, new StateStagger(0.01)))['K2']->pullsIn);
    }
}
