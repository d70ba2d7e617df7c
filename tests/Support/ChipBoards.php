<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
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

    private static function seated(Board $board): Board
    {
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
}
