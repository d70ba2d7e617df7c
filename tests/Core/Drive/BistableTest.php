<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Drive;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\DuplicateLine;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Catalogue\Bistable;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\DriverWay;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\DriveDrawing;
use PHPUnit\Framework\TestCase;

/** A relay that stays as a pulse has left it. */
final class BistableTest extends TestCase
{
    public function testBothWindingsAreSolvedAndNeitherIsHeld(): void
    {
        $board = self::bistable();
        $drive = DriverAnalysis::of($board);
        self::assertSame(['A1', 'A3', 'A2'], array_keys($drive->results));
        self::assertEquals($drive->results['A1']->pullIn, $drive->results['A3']->pullIn);
        self::assertNull($drive->results['A3']->releases, 'It lets go by a pulse, not by a voltage.');
        // One pulse at a time is a matter of the peak: 5.1 V ÷ 38 Ω, and the base current that it takes.
        $budget = (new Inspection($board))->power->rails['R1'];
        $plain = (new Inspection(TestBoards::edited($board, new RemoveRelay('A1'))))->power->rails['R1'];
        self::assertEqualsWithDelta(
            5.1 / 38 + $drive->results['A1']->pinAmps->value,
            $budget->peak->value - $budget->continuous->value - ($plain->peak->value - $plain->continuous->value),
            1e-6,
        );
        $json = BoardJson::write($board);
        self::assertSame($json, BoardJson::write(BoardJson::read($json)));
    }

    public function testTheTableSaysWhatAPulseDoesAndWhatStays(): void
    {
        $truth = (new DriveDrawing(new Inspection(self::bistable(), TestBoards::catalogue())))->context('A3')['truth'];
        self::assertIsArray($truth);
        self::assertSame(
            ['state' => 'pulsed', 'pin' => 'high for 20 ms to 1 s', 'coil' => 'on', 'contact' => 'open', 'appliance' => 'off'],
            $truth[0],
        );
        self::assertSame(
            ['state' => 'without power', 'pin' => 'not driven', 'coil' => 'off', 'contact' => 'as it was', 'appliance' => 'as it was'],
            $truth[3],
        );
    }

    public function testTheSecondWindingIsCopiedAndRemovedWithTheFirst(): void
    {
        $copied = TestBoards::edited(self::bistable(), new DuplicateLine('L1', 'Second lamp'));
        self::assertSame(
            ['A4' => null, 'A5' => 'A4'],
            array_map(static fn($actuator): ?string => $actuator->opens, $copied->lines['L3']->actuators),
        );
        $removed = TestBoards::edited($copied, new RemoveRelay('A4'));
        self::assertSame([], $removed->lines['L3']->actuators);
        self::assertSame(
            ['A3'],
            array_keys(array_filter($removed->lines['L1']->actuators, static fn($actuator): bool => 'A1' === $actuator->opens)),
        );
        self::assertArrayNotHasKey($copied->lines['L3']->actuators['A5']->function, $removed->functions);
    }

    public function testAnotherRelayIsFittedForBothOutputs(): void
    {
        $board = TestBoards::edited(self::bistable(), new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)));
        self::assertSame(
            ['cube-5v', 'cube-5v'],
            array_values(array_map(static fn($actuator): ?string => $actuator->relay, $board->lines['L1']->actuators)),
        );
        self::assertNotNull(TestBoards::inspect($board)->finding('drive.bistable:A3'));
    }

    /** One winding wants its current turned round, and only a bridge does that. */
    public function testOnlyABridgeIsOfferedForOneWinding(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseRelay(['A1'], TestBoards::part('bistable-5v-one', Relay::class)));
        $ways = (new DriveDrawing(new Inspection($board, TestBoards::catalogue())))->ways('A1');
        self::assertSame(['bridge:drv8837'], array_map(static fn(DriverWay $way): string => $way->id, $ways));
        self::assertTrue($ways[0]->isSound());
    }

    public function testAnImpossiblePulseIsRefused(): void
    {
        $this->expectExceptionMessage(
            'The greatest pulse of a bistable relay is no shorter than the least, and the least is longer than nothing.',
        );
        new Bistable(2, 0.02, 0.01);
    }

    private static function bistable(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new ChooseRelay(['A1'], TestBoards::part('bistable-5v-two', Relay::class)),
            new AddSecondWinding('A1'),
        );
    }
}
