<?php

declare(strict_types=1);

namespace IronLatch\Tests\View;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\TurnOff;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\DriveDrawing;
use PHPUnit\Framework\TestCase;

final class DriveScreenTest extends TestCase
{
    /** Hand to appliance in both states, at start-up, and without power. */
    public function testTheTableFollowsTheLevelThroughToTheAppliance(): void
    {
        self::assertSame([
            'switched on' => ['high', 'on', 'closed', 'on'],
            'switched off' => ['low', 'off', 'open', 'off'],
            'at start-up' => ['not driven', 'off', 'open', 'off'],
            'without power' => ['not driven', 'off', 'open', 'off'],
        ], self::table(TestBoards::sound()));
    }

    public function testANormallyClosedContactTurnsTheApplianceRound(): void
    {
        self::assertSame([
            'switched on' => ['high', 'on', 'open', 'off'],
            'switched off' => ['low', 'off', 'closed', 'on'],
            'at start-up' => ['not driven', 'off', 'closed', 'on'],
            'without power' => ['not driven', 'off', 'closed', 'on'],
        ], self::table(TestBoards::edited(TestBoards::sound(), new ChooseContact(['A1'], ContactUse::NormallyClosed))));
    }

    public function testAnActiveLowModuleSwitchesAtLow(): void
    {
        $table = self::table(TestBoards::edited(
            TestBoards::sound(),
            new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)),
        ));
        self::assertSame(['low', 'on', 'closed', 'on'], $table['switched on']);
        self::assertSame(['high', 'off', 'open', 'off'], $table['switched off']);
    }

    /** Stated against its driver’s nature, the coil is on when it should be off: the table shows it as it would be. */
    public function testAContradictionShowsInTheTable(): void
    {
        $table = self::table(TestBoards::edited(TestBoards::sound(), new StateActiveLevel(['A1'], Level::Low)));
        self::assertSame(['low', 'off', 'open', 'off'], $table['switched on']);
        self::assertSame(['high', 'on', 'closed', 'on'], $table['switched off']);
    }

    public function testAPulsedPinShowsAtStartUpAndNoPinIsUnknown(): void
    {
        self::assertSame(
            ['not driven', 'on', 'closed', 'on'],
            self::table(TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', '14')))['at start-up'],
        );
        self::assertSame(
            ['not driven', 'unknown', 'unknown', 'unknown'],
            self::table(TestBoards::edited(TestBoards::sound(), new UnseatFunction('F1')))['at start-up'],
        );
    }

    public function testAnUnstatedLevelLeavesBothStatesOpen(): void
    {
        $board = TestBoards::sound();
        $line = $board->lines['L1'];
        $open = $board->with(lines: [
            ...$board->lines,
            'L1' => $line->with(actuators: ['A1' => $line->actuators['A1']->with(activeLevel: Fact::unknown())]),
        ]);
        self::assertSame(['not driven', 'unknown', 'unknown', 'unknown'], self::table($open)['switched on']);
    }

    /** Only resistors that a driver has are offered, each with every E12 value from 100 kΩ down to 10 Ω. */
    public function testTheValuesOfADriverAreThoseThatItHas(): void
    {
        foreach ([
            [
                new NpnLowSide('npn-2n2222', 560.0, null),
                TestBoards::part('npn-2n2222', Transistor::class),
                ['baseOhms' => 560.0, 'baseEmitterOhms' => null],
            ],
            [
                new MosfetLowSide('mosfet-2v5', 100.0, 10e3),
                TestBoards::part('mosfet-2v5', Mosfet::class),
                ['gateOhms' => 100.0, 'pullDownOhms' => 10e3],
            ],
            [new ArrayChannel('uln2003a'), TestBoards::part('uln2003a', DarlingtonArray::class), []],
        ] as [$driver, $part, $ohms]) {
            $context = self::context(TestBoards::edited(TestBoards::sound(), new ChooseDriver(['A1'], $driver, [$part])));
            self::assertIsArray($context['values']);
            self::assertSame(
                $ohms,
                array_map(static fn(mixed $value): mixed => is_array($value) ? $value['ohms'] : null, $context['values']),
            );
            foreach ($context['values'] as $name => $value) {
                self::assertIsArray($value);
                self::assertIsArray($value['steps']);
                self::assertSame(
                    ['baseEmitterOhms' => [100.0, 120.0, 100e3, 37], 'pullDownOhms' => [1e3, 1.2e3, 100e3, 25]][$name]
                        ?? [10.0, 12.0, 100e3, 49],
                    [$value['steps'][0], $value['steps'][1], $value['steps'][count($value['steps']) - 1], count($value['steps'])],
                );
                foreach ($driver->resistors()[$name]->steps() as $step) {
                    self::assertSame(
                        $step,
                        get_object_vars($driver->withValue($name, $step))[$name],
                        'What the slider offers can be fitted.',
                    );
                }
            }
        }
    }

    /** With 4.7 kΩ at the base it is the gain that kills the margin, not rail or coil. */
    public function testWhatTakesMostFromTheMarginComesFirst(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseDriver(['A1'], new NpnLowSide('npn-2n2222', 4.7e3, 10e3), [TestBoards::part('npn-2n2222', Transistor::class)]),
        );
        $killers = self::context($board)['killers'];
        self::assertIsArray($killers);
        self::assertSame('gain', array_key_first($killers));
        [$first, $second] = array_values($killers);
        self::assertIsFloat($first);
        self::assertIsFloat($second);
        self::assertGreaterThan(5 * $second, $first);
        self::assertSame('rail', array_key_first((array) self::context(TestBoards::sound())['killers']));
    }

    public function testClampsAreComparedForCoilsOnly(): void
    {
        $peaks = array_map(
            static fn(mixed $one): ?float => $one instanceof TurnOff ? round($one->peakVolts, 2) : null,
            (array) self::context(TestBoards::sound())['turn_offs'],
        );
        self::assertSame([5.75, 29.75], array_slice($peaks, 1, 2));
        self::assertGreaterThan(200.0, $peaks[0], 'Without a clamp it would rise until the transistor breaks down.');
        $solid = TestBoards::edited(
            TestBoards::sound(),
            new ChooseRelay(['A1'], TestBoards::part('ssr-25a-zero', Relay::class)),
            new DriveDirectly(['A1']),
        );
        self::assertSame([[], null], [self::context($solid)['turn_offs'], self::context($solid)['times']]);
    }

    public function testABoardWithoutRelaysHasNothingOpen(): void
    {
        self::assertSame(
            ['actuator_id' => ''],
            (new DriveDrawing(new Inspection(TestBoards::bare(), TestBoards::catalogue())))->context('A1'),
        );
        $screen = new DriveDrawing(new Inspection(
            TestBoards::edited(TestBoards::bare(), new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class))),
            TestBoards::catalogue(),
        ));
        self::assertSame('A1', $screen->context('A77')['actuator_id'], 'What is gone opens the first.');
    }

    public function testADriverIsNamedInAFewWords(): void
    {
        $words = array_map(
            static fn(Driver $driver): string => $driver->words(),
            [new NpnLowSide('n', 4.7e3), new MosfetLowSide('m', 100.0, null), new ArrayChannel('a', 'U2')],
        );
        self::assertSame(['NPN 4.7 kΩ', 'MOSFET', 'array U2'], $words);
    }

    /**
     * @return array<string, mixed>
     */
    private static function context(Board $board): array
    {
        return (new DriveDrawing(new Inspection($board, TestBoards::catalogue())))->context('A1');
    }

    /**
     * @return array<string, list<string>> pin, coil, contact and appliance by state
     */
    private static function table(Board $board): array
    {
        $table = [];
        foreach ((array) self::context($board)['truth'] as $row) {
            self::assertIsArray($row);
            $cells = array_map(static fn(mixed $cell): string => is_string($cell) ? $cell : '', array_values($row));
            $table[$cells[0]] = array_slice($cells, 1);
        }

        return $table;
    }
}
