<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSelector;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Pins\LockSeat;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Review\Inspection;

/** Boards of the 8-bit chip, all of whose functions have a pin. */
final class ChipBoards
{
    /**
     * @return array<string, \Closure(): Board>
     */
    public static function all(): array
    {
        return [
            'fermentation' => static fn(): Board => BenchDesk::demo('fermentation'),
            'switches' => self::switches(...),
            'remote' => self::remote(...),
            'serial radio' => self::radio(...),
            'apart' => self::apart(...),
            'restored' => self::restored(...),
            'sixteen on expanders' => self::sixteen(...),
            'sixteen bits' => self::sixteenBits(...),
            'knob' => self::knob(...),
            'shift register' => self::register(...),
            'on the pins of the console' => self::console(...),
            'sensors of all kinds' => self::sensors(...),
        ];
    }

    private static function bare(): Board
    {
        return TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
    }

    private static function lamps(int $count, Board $board): Board
    {
        for ($line = 1; $line <= $count; ++$line) {
            $board = TestBoards::edited($board, new AddLine('Lamp ' . $line, TestBoards::part('led-lamp', Appliance::class)));
        }

        return $board;
    }

    /** Everything gets a pin, and what has one keeps it. */
    private static function seated(Board $board): Board
    {
        foreach (array_keys($board->seats) as $function) {
            $board = (new LockSeat($function, true))->apply($board);
        }

        return (new Inspection($board))->plan->edit()->apply($board);
    }

    /** Maintained switches and buttons, one lamp by both. */
    private static function switches(): Board
    {
        return self::seated(TestBoards::edited(
            self::lamps(4, self::bare()),
            new AddSurface('L1', SurfaceKind::WallSwitch),
            new AddSurface('L2', SurfaceKind::PushButton),
            new AddSurface('L3', SurfaceKind::WallSwitch),
            new AddSurface('L3', SurfaceKind::PushButton),
            new AddSurface('L4', SurfaceKind::PushButton),
        ));
    }

    private static function remote(): Board
    {
        $board = TestBoards::edited(
            self::lamps(5, self::bare()),
            ...array_map(static fn(int $line): AddSurface => new AddSurface('L' . $line, SurfaceKind::InfraredKey), range(1, 5)),
        );
        for ($line = 1; $line <= 5; ++$line) {
            $board = TestBoards::edited($board, new AssignCode('S' . $line, sprintf('%08X', PulseDistance::value(4, 16 + $line))));
        }

        return self::seated($board);
    }

    private static function radio(): Board
    {
        return self::seated(TestBoards::edited(
            self::lamps(4, self::bare()),
            new AddSurface('L1', SurfaceKind::PushButton),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3', 'L4']),
            new AddLineGroup(LineGroupKind::All, 'Everything', ['L1', 'L2', 'L3', 'L4'], ['C1'], true),
            new StateStagger(0.25),
        ));
    }

    /** Lines that rest, and lines of which one makes room for the other. */
    private static function apart(): Board
    {
        $board = TestBoards::edited(
            self::lamps(3, self::bare()),
            ...array_map(static fn(int $line): AddSurface => new AddSurface('L' . $line, SurfaceKind::PushButton), range(1, 3)),
        );

        return self::seated(TestBoards::edited(
            $board,
            new AddGroup(GroupKind::NeverTogether, 'One of them', ['F1', 'F2']),
            new StateSafety(['L3'], restSeconds: 8.0),
        ));
    }

    /** What comes back after a power cut, in its own way: as it was, always, never. */
    private static function restored(): Board
    {
        return self::seated(TestBoards::edited(
            self::lamps(4, self::bare()),
            ...array_map(static fn(int $line): AddSurface => new AddSurface('L' . $line, SurfaceKind::PushButton), range(1, 4)),
            ...[
                new StateSafety(['L1', 'L4'], restore: RestorePolicy::Last),
                new StateSafety(['L2'], restore: RestorePolicy::On),
                new StateSafety(['L3'], restore: RestorePolicy::Off),
                new StateStagger(0.3),
            ],
        ));
    }

    /** Sixteen lines on two expanders of eight bits, by a remote and by a serial radio. */
    private static function sixteen(): Board
    {
        $small = TestBoards::part('pcf8574', Expander::class);
        $board = self::lamps(16, TestBoards::edited(self::bare(), new FitExpander($small), new FitExpander($small)));
        for ($line = 1; $line <= 16; ++$line) {
            $board = TestBoards::edited(
                $board,
                // A small expander pulls low well, and high hardly at all.
                new DriveByModule(
                    array_keys($board->lines['L' . $line]->actuators),
                    TestBoards::part('opto-module-low', OptoModule::class),
                ),
                new AddSurface('L' . $line, SurfaceKind::InfraredKey),
                new AssignCode('S' . $line, sprintf('%08X', PulseDistance::value(4, 16 + $line))),
                new SeatFunction(
                    array_values($board->lines['L' . $line]->actuators)[0]->function,
                    sprintf('X%d.P%d', intdiv($line - 1, 8) + 1, ($line - 1) % 8),
                ),
            );
        }

        return self::seated(TestBoards::edited(
            $board,
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', array_keys($board->lines)),
        ));
    }

    /** Relays and a button on an expander of sixteen bits. */
    private static function sixteenBits(): Board
    {
        $board = self::lamps(3, TestBoards::edited(self::bare(), new FitExpander(TestBoards::part('mcp23017', Expander::class))));
        $board = TestBoards::edited(
            $board,
            ...array_map(static fn(int $line): AddSurface => new AddSurface('L' . $line, SurfaceKind::PushButton), range(1, 3)),
        );
        foreach (['A0', 'A7', 'B6'] as $place => $bit) {
            $board = TestBoards::edited($board, new SeatFunction(
                array_values($board->lines['L' . ($place + 1)]->actuators)[0]->function,
                'X1.' . $bit,
            ));
        }

        return self::seated($board);
    }

    /** A fan in two steps, by a knob with a ladder of resistors. */
    private static function knob(): Board
    {
        return self::seated(TestBoards::edited(
            self::bare(),
            new AddLine('Fan', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F2']),
            new AddSelector('Fan knob', 3, true),
            new AddSurface('L1', SurfaceKind::Knob, 'F3'),
        ));
    }

    /** Four relays on a shift register, by a remote. */
    private static function register(): Board
    {
        $board = self::lamps(4, TestBoards::edited(self::bare(), new FitExpander(TestBoards::part('74hct595', Expander::class))));
        for ($line = 1; $line <= 4; ++$line) {
            $board = TestBoards::edited(
                $board,
                new AddSurface('L' . $line, SurfaceKind::InfraredKey),
                new AssignCode('S' . $line, sprintf('%08X', PulseDistance::value(4, 16 + $line))),
                new SeatFunction(array_values($board->lines['L' . $line]->actuators)[0]->function, 'X1.Q' . (2 * $line - 1)),
            );
        }

        return self::seated($board);
    }

    /** Humidity by pulses, light by a divider, a reed, a probe that takes its line off, and motion. */
    private static function sensors(): Board
    {
        $board = self::lamps(5, self::bare());
        $kinds = [
            FunctionKind::OneWireSensor, FunctionKind::AnalogueSensor, FunctionKind::ReedContact, FunctionKind::LeakProbe,
            FunctionKind::MotionSensor,
        ];
        foreach ($kinds as $place => $kind) {
            $board = TestBoards::edited($board, new AddFunction($kind, ucfirst($kind->value)));
            $board = TestBoards::edited(
                $board,
                new AddSurface('L' . ($place + 1), SurfaceKind::SensorRule, (string) array_key_last($board->functions)),
            );
        }
        $event = array_map(
            static fn(string $surface): StateSensorRule => new StateSensorRule($surface, Sensed::Event, whenLost: LostSensor::Off),
            ['S3', 'S4', 'S5'],
        );

        return self::seated(TestBoards::edited(
            $board,
            new TellSurface('S4', Operation::Off),
            new AddSurface('L4', SurfaceKind::PushButton),
            new StateSensorRule('S1', Sensed::Humidity, onPercent: 60.0, offPercent: 50.0, whenLost: LostSensor::Off),
            new StateSensorRule('S2', Sensed::Light, onPercent: 30.0, offPercent: 40.0, whenLost: LostSensor::Off),
            ...$event,
        ));
    }

    /** A relay where the serial line would speak, and a button where it would hear. */
    private static function console(): Board
    {
        return self::seated(TestBoards::edited(
            self::lamps(2, self::bare()),
            new AddSurface('L1', SurfaceKind::PushButton),
            new AddSurface('L2', SurfaceKind::PushButton),
            new SeatFunction('F1', 'PD1'),
            new SeatFunction('F4', 'PD0'),
        ));
    }
}
