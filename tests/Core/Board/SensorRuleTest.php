<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\Edit\Controller\StateClock;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AddSwitchTime;
use IronLatch\Core\Board\Edit\Controls\RemoveSwitchTime;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SensorRule;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchTime;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a sensor and a timer say of their line. */
final class SensorRuleTest extends TestCase
{
    private static function warmed(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddFunction(FunctionKind::OneWireSensor, 'Air'),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F6'),
            new StateSensorRule('S3', Sensed::Temperature, 19.5, 20.5, leastOffSeconds: 90.0, whenLost: LostSensor::Off),
        );
    }

    public function testARuleGoesIntoTheFileAndTheProgram(): void
    {
        $board = BoardJson::read(BoardJson::write(self::warmed()));
        $rule = $board->lines['L1']->surfaces['S3']->rule;
        self::assertEquals(new SensorRule(Sensed::Temperature, 19.5, 20.5, leastOffSeconds: 90.0, whenLost: LostSensor::Off), $rule);
        $constants = array_map(static fn($constant): int|string => $constant->value, Constants::of(new Inspection($board)));
        self::assertSame(
            [195, 205, 90_000, 'goes off'],
            [
                $constants['LAMP_SENSOR_RULE_ON_AT_TENTHS'],
                $constants['LAMP_SENSOR_RULE_OFF_AT_TENTHS'],
                $constants['LAMP_SENSOR_RULE_LEAST_OFF_MS'],
                $constants['LAMP_SENSOR_RULE_WHEN_LOST'],
            ],
        );
    }

    /** What was said of a sensor is not said of another kind of sensor, and the summary says what is lost. */
    public function testAnotherKindOfSensorForgetsTheThresholds(): void
    {
        $edit = new ChangeFunctionKind('F6', FunctionKind::MotionSensor);
        self::assertNull($edit->apply(self::warmed())->lines['L1']->surfaces['S3']->rule);
        self::assertNotNull((new ChangeFunctionKind('F6', FunctionKind::AnalogueSensor))->apply(self::warmed())->lines['L1']
            ->surfaces['S3']->rule);
    }

    public function testTimesStandInTheOrderOfTheDay(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::Timer),
            new AddSwitchTime('S3', '22:00', false),
            new AddSwitchTime('S3', ' 06:30 ', true),
            new AddSwitchTime('S3', '06:30', false, Days::Weekend),
            new StateClock(['S3'], ClockSource::Module),
            new StateClock(['S3'], missed: MissedTime::Skipped),
        );
        $schedule = $board->lines['L1']->surfaces['S3']->schedule;
        self::assertSame(
            ['06:30 off, Saturday and Sunday', '06:30 on', '22:00 off'],
            array_map(static fn(SwitchTime $time): string => $time->said(), $schedule->times ?? []),
        );
        self::assertSame([ClockSource::Module, MissedTime::Skipped], [$schedule?->clock, $schedule?->missed]);
        $rest = (new RemoveSwitchTime('S3', '06:30', Days::Weekend))->apply($board)->lines['L1']->surfaces['S3']->schedule;
        self::assertSame(['06:30 on', '22:00 off'], array_map(static fn(SwitchTime $time): string => $time->said(), $rest->times ?? []));
        self::assertEquals($board, BoardJson::read(BoardJson::write($board)));
    }

    /**
     * @return iterable<string, array{\Closure(): mixed, string}>
     */
    public static function refused(): iterable
    {
        yield 'no such hour' => [static fn(): object => new SwitchTime('24:00', true), '23:59'];
        yield 'a line break behind it' => [static fn(): object => new SwitchTime("07:00\n", true), 'like 07:30'];
        yield 'a degree of humidity' => [static fn(): object => new SensorRule(Sensed::Humidity, 20.0, 21.0), 'belongs to a temperature'];
        yield 'more than everything' => [static fn(): object => new SensorRule(Sensed::Humidity, onPercent: 101.0), '100 %'];
        yield 'a threshold of yes or no' => [static fn(): object => new SensorRule(Sensed::Event, onPercent: 50.0), 'belongs to humidity'];
        yield 'longer than a day' => [static fn(): object => new SensorRule(Sensed::Event, leastOnSeconds: 86_401.0), 'a day'];
        yield 'one time twice' => [
            static fn(): object => new Schedule([new SwitchTime('07:00', true), new SwitchTime('07:00', false)]),
            'Take one away',
        ];
        yield 'a clock of a button' => [
            static fn(): object => (new StateClock(['S1'], ClockSource::Own))->apply(TestBoards::sound()),
            'only a timer has',
        ];
        yield 'a temperature of a motion sensor' => [
            static fn(): object => TestBoards::edited(
                TestBoards::sound(),
                new AddFunction(FunctionKind::MotionSensor, 'Door'),
                new AddSurface('L1', SurfaceKind::SensorRule, 'F6'),
                new StateSensorRule('S3', Sensed::Temperature, 1.0, 2.0),
            ),
            'It says yes or no',
        ];
    }

    /**
     * @param \Closure(): mixed $make
     */
    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedInWords(\Closure $make, string $words): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (EditRefused|\InvalidArgumentException $refusal) {
            self::assertStringContainsString($words, $refusal->getMessage());
        }
    }
}
