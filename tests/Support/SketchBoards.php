<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Inspection;

/** A board of each controller that goes through the customary interface, with a bit of everything on it. */
final class SketchBoards
{
    private const CARRIERS = [
        'esp8266' => 'esp8266-carrier-30', 'esp32' => 'esp32-carrier-38', 'esp32-s3' => 'esp32-s3-carrier-44',
        'esp32-c3' => 'esp32-c3-carrier-16', 'rp2040' => 'rp2040-carrier-40', 'rp2040-radio' => 'rp2040-carrier-40-radio',
    ];

    /**
     * @return array<string, \Closure(): Board>
     */
    public static function all(): array
    {
        $boards = [];
        foreach (self::CARRIERS as $chip => $carrier) {
            $boards[$chip] = static fn(): Board => self::of($carrier, $chip);
        }

        return $boards;
    }

    private static function of(string $carrier, string $chip): Board
    {
        $board = TestBoards::edited(
            TestBoards::bare($carrier, $chip),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new AddLine('Belt', TestBoards::part('heat-belt', Appliance::class)),
            new AddSurface('L1', SurfaceKind::PushButton),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddFunction(FunctionKind::OneWireSensor, 'Barrel'),
            new FitExpander(TestBoards::part('mcp23017', Expander::class)),
        );
        $sensor = array_search(FunctionKind::OneWireSensor, array_map(static fn($one) => $one->kind, $board->functions), true);
        $board = TestBoards::edited($board, new AddSurface('L2', SurfaceKind::SensorRule, (string) $sensor));
        $board = TestBoards::edited($board, new StateSensorRule(
            (string) array_key_last($board->lines['L2']->surfaces),
            Sensed::Temperature,
            19.0,
            20.0,
            whenLost: LostSensor::Off,
        ));
        if ('rp2040' !== $chip) {
            $board = TestBoards::withPanel(TestBoards::edited(
                $board,
                new AddChannel(TestBoards::part('message-broker', SurfaceProfile::class), 'House broker'),
                new PutOnChannel('C1', ['L1', 'L2']),
            ));
        }

        return (new Inspection($board))->plan->edit()->apply($board);
    }
}
