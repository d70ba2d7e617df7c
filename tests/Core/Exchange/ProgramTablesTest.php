<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Exchange\Drift;
use IronLatch\Core\Exchange\Firmware\PinTables;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Exchange\Firmware\ProgramFiles;
use IronLatch\Core\Exchange\Firmware\ProgramSize;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Exchange\Firmware\ProgramWords;
use IronLatch\Core\Exchange\Firmware\SensorReading;
use IronLatch\Core\Exchange\Firmware\TablesText;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rows of a program’s tables, read off by hand from the board file. */
final class ProgramTablesTest extends TestCase
{
    /**
     * @return array{ProgramTables, PinTables}
     */
    private static function tables(Board $board): array
    {
        $inspection = new Inspection($board);
        $tables = ProgramTables::of(ProgramPlan::of($board, $inspection->controls));

        return [$tables, PinTables::of($inspection, $tables)];
    }

    public function testTheFermentationCupboardIsWrittenRowByRow(): void
    {
        [$tables, $pins] = self::tables(BenchDesk::demo('fermentation'));
        $rows = $tables->rows();
        // First output, outputs, first step, steps, first apart, aparts, restore, flags, rest, pause, run.
        self::assertSame([
            '{0, 2, 0, 1, 0, 1, STAYS_OFF, COUNTS, 0, 100, 0}',
            '{2, 1, 1, 1, 1, 1, STAYS_OFF, COUNTS, 300000, 100, 0}',
            '{3, 1, 2, 1, 2, 0, STAYS_OFF, COUNTS, 0, 100, 0}',
        ], $rows['LINES']);
        self::assertSame(['{1, 100}', '{0, 100}'], $rows['APARTS'], 'Heat and cold make room for each other.');
        self::assertSame(['0', '1', '2', '3'], $rows['STEP_OUTPUTS']);
        // On below 19 °C, off above 20 °C, in 1/10000 of a degree; the cooler the other way, at least five minutes each.
        self::assertSame([
            '{{0, WISH_ON, ITSELF, PLAIN}, 0, 1, 0, GOES_OFF, 190000, 200000, 0, 0}',
            '{{1, WISH_ON, ITSELF, PLAIN}, 0, 1, 0, GOES_OFF, 230000, 220000, 300000, 300000}',
            '{{2, WISH_ON, ITSELF, PLAIN}, 0, 1, 0, GOES_OFF, 220000, 210000, 0, 0}',
        ], $rows['RULES']);
        self::assertSame(['{2, WISH_TOGGLE, HERE, TOGGLING}'], $rows['ACTS']);
        self::assertSame([30, 5000, 255, 301000], array_map(
            static fn(string $name): int => $tables->numbers()[$name],
            ['DEBOUNCE_MS', 'KEEP_MS', 'AT_ONCE', 'LONGEST_WAIT_MS'],
        ));
        // Port B is 1, C is 2, D is 3; the number of the customary core; the active level; a pull-up inside.
        self::assertSame([
            '{3, 7, 7, 1, 0},  // PD7 (printed D7)', '{1, 1, 9, 1, 0},  // PB1 (printed D9)',
            '{1, 0, 8, 1, 0},  // PB0 (printed D8)', '{3, 6, 6, 1, 0},  // PD6 (printed D6)',
        ], $pins->rows['PINS']);
        self::assertSame(['{3, 5, 5, 0, 1},  // PD5 (printed D5)'], $pins->rows['CONTACT_PINS'], 'Closed when low, pulled up inside.');
        self::assertSame(['READS_ONE_WIRE,'], $pins->rows['SENSOR_KINDS']);
        // 2 s is nearest to the eighth setting, 16 ms doubled seven times.
        self::assertSame([7, 255, 0], [$pins->numbers['WATCHDOG'], $pins->numbers['SERIAL_CHANNEL'], $pins->numbers['EXPANDER_COUNT']]);
        self::assertSame(['Barrel temperature, PD4 (printed D4)'], $pins->names['SENSOR_NAMES']);
    }

    public function testABoardThatIsOperatedInManyWaysHasEachOfThem(): void
    {
        [$tables] = self::tables(TestBoards::operatedInManyWays());
        $rows = $tables->rows();
        // A wall switch, a button and a knob have the first three acts; either order of its bits is the same key.
        self::assertSame('{0, 0, 0x0BF430CFUL, 3, 1}', $rows['KEYS'][0]);
        self::assertCount(
            count($rows['MEMBERS']),
            array_filter($rows['MEMBERS'], static fn(string $row): bool => str_ends_with($row, ', 0}')),
        );
        self::assertSame(['{0, 4}', '{4, 2}'], $rows['GROUPS']);
        // 06:30 on all days and 21:15 on working days: minutes from Monday 00:00, in their order.
        self::assertSame(['{390, 1}', '{1275, 0}', '{1830, 1}'], array_slice($rows['MOMENTS'], 0, 3));
        self::assertCount(12, $rows['MOMENTS']);
        self::assertSame('{{3, WISH_ON, ITSELF, PLAIN}, 0, 1, 0, 12}', $rows['TIMERS'][0]);
        self::assertSame(250, $tables->numbers()['STAGGER_MS']);
        self::assertContains('home/utility', array_map(static fn(string $one): string => substr($one, 0, 12), $tables->texts()));
        $text = TablesText::of($tables);
        self::assertStringContainsString('\303\266', $text, 'An ö is written by its bytes.');
        self::assertStringNotContainsString('ö', $text);
    }

    public function testAChangeOfAboardIsSameOtherConstantsOrMoreParts(): void
    {
        $board = BenchDesk::demo('fermentation');
        $words = static fn(Board $after): string => ProgramChange::ofBoards($board, $after)->words();
        self::assertTrue(ProgramChange::ofBoards($board, $board)->isSame);
        self::assertStringStartsWith('The same program runs it', $words((new RenameLine('L1', 'Belt'))->apply($board)));
        self::assertStringStartsWith('The same parts', $words((new StateSafety(['L1'], restore: RestorePolicy::Last))->apply($board)));
        self::assertStringStartsWith('The same parts', $words((new SeatFunction('F5', 'PD3'))->apply($board)));
        self::assertStringContainsString(
            'parts that it did not have: timers',
            $words(TestBoards::edited(
                $board,
                new AddSurface('L3', SurfaceKind::Timer),
                new \IronLatch\Core\Board\Edit\Controls\AddSwitchTime('S5', '06:30', true),
            )),
        );
    }

    public function testItIsSaidWhatTheProgramWillDo(): void
    {
        $inspection = new Inspection(BenchDesk::demo('fermentation'));
        $plan = ProgramPlan::of($inspection->board, $inspection->controls);
        self::assertSame([
            'Operated by sensor rule (on above 23 °C, off below 22 °C).', 'Off after a power cut.',
            'Rests 5 min between two runs, and after each start.', 'Makes room for, and never runs with, “Heat belt” (100 ms apart).',
        ], ProgramWords::of($inspection->board, $inspection->controls, $plan)['L2']);
        self::assertSame([
            'A contact counts when it has rested for 30 ms.', 'What is on is written into memory when it has rested for 5 s.',
            'A loop that hangs is reset after 2 s; the third reset in ten minutes keeps everything off.',
        ], ProgramWords::ofAll($inspection->board, $plan, 2000));
    }

    public function testItsFilesSayHowTheyAreBuiltAndWhatTheyAreOf(): void
    {
        $inspection = new Inspection(BenchDesk::demo('fermentation'));
        self::assertTrue(ProgramFiles::isFor($inspection));
        self::assertFalse(ProgramFiles::isByRegisters(new Inspection(BenchDesk::demo('utility-room'))));
        $files = ProgramFiles::own($inspection, ['A remark.'], [], 'Fermentation cupboard, revision 3', '');
        self::assertSame(['README.md', 'Makefile', 'constants.h'], array_keys($files));
        self::assertStringContainsString('> A remark.', $files['README.md']);
        self::assertStringContainsString('1. Take the mains off the box', $files['README.md']);
        self::assertStringContainsString('"Fermentation cupboard, revision 3\015\012"', $files['constants.h']);
        self::assertStringContainsString(
            'constexpr int32_t HEAT_BELT_PIN = 7;',
            $files['constants.h'],
            'The constants that drift is read from.',
        );
        self::assertSame([], Drift::between($inspection, $files['constants.h']), 'The tables behind them are no constants.');
        self::assertStringContainsString("\n\tavr-size", $files['Makefile'], 'A recipe begins with a tabulator.');
    }

    public function testItIsReckonedWhatItTakesOfTheChip(): void
    {
        [$tables, $pins] = self::tables(BenchDesk::demo('fermentation'));
        $size = ProgramSize::of($tables, $pins);
        // 3 lines of 18 bytes, 4 outputs of 5, 3 steps and 4 places in them, 2 aparts of 3, 3 rules of 24, 6 pins of 5 and what is empty.
        self::assertSame([301, 10_700 + 1_900 + 301, 594], [$size->tableBytes, $size->flashBytes, $size->memoryBytes]);
    }

    /**
     * @return array<string, array{FunctionKind, Sensed, SensorReading, bool, string}>
     */
    public static function sensors(): array
    {
        return [
            'thermometer' => [FunctionKind::OneWireSensor, Sensed::Temperature, SensorReading::OneWire, true, ''],
            'damp air' => [FunctionKind::OneWireSensor, Sensed::Humidity, SensorReading::Pulses, true, 'taken to answer with 40 bits'],
            'thermistor' => [FunctionKind::AnalogueSensor, Sensed::Temperature, SensorReading::Nothing, true, 'is not read'],
            'light' => [FunctionKind::AnalogueSensor, Sensed::Light, SensorReading::Analogue, true, '100 % at the supply'],
            'flood board' => [FunctionKind::AnalogueSensor, Sensed::Event, SensorReading::HalfOfRange, true, 'above half of the supply'],
            'reed' => [FunctionKind::ReedContact, Sensed::Event, SensorReading::Level, false, 'says yes when its pin is low'],
            'wet probe' => [FunctionKind::LeakProbe, Sensed::Event, SensorReading::Level, false, 'says yes when its pin is low'],
            'comparator' => [FunctionKind::LeakModule, Sensed::Event, SensorReading::Level, false, 'taken to say yes when its pin is low'],
            'motion' => [FunctionKind::MotionSensor, Sensed::Event, SensorReading::Level, true, 'taken to say yes when its pin is high'],
        ];
    }

    /** What nobody stated is taken as usual and said; what cannot be had is not read at all. */
    #[DataProvider('sensors')]
    public function testASensorIsReadAsItsKindSays(FunctionKind $kind, Sensed $sensed, SensorReading $reads, bool $high, string $said): void
    {
        $board = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new AddLine('Pump', TestBoards::part('led-lamp', Appliance::class)),
            new AddFunction($kind, 'Probe'),
        );
        $function = (string) array_key_last($board->functions);
        $board = TestBoards::edited($board, new AddSurface('L1', SurfaceKind::SensorRule, $function), new StateSensorRule('S1', $sensed));
        self::assertSame($reads, SensorReading::of($board, $function));
        self::assertSame($high, SensorReading::saysYesHigh($board->functions[$function]));
        self::assertSame('' !== $said, '' !== $reads->taken($board->functions[$function]));
        self::assertStringContainsString($said, $reads->taken($board->functions[$function]));
    }

    public function testOneWireSaysOneThing(): void
    {
        $board = BenchDesk::demo('fermentation');
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('“Barrel temperature” says temperature on “Cooler” already, and one wire says one thing.');
        TestBoards::edited($board, new StateSensorRule('S1', Sensed::Humidity, onPercent: 60.0, offPercent: 50.0));
    }
}
