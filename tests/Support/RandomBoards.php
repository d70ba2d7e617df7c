<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controls\AddSelector;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Pins\LockSeat;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PullDirection;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Boards with functions of all kinds, drawn from a seed: the same seed always gives the same board. */
final class RandomBoards
{
    /**
     * @param int $most how many functions at the most, about
     */
    public static function drawn(int $seed, ?string $carrier = null, int $most = 30): Board
    {
        $dice = new Randomizer(new Mt19937($seed));
        $carriers = array_keys(TestBoards::catalogue()->parts(Carrier::class));
        $carrier ??= $carriers[$seed % count($carriers)];
        $board = TestBoards::bare($carrier, TestBoards::part($carrier, Carrier::class)->chip);
        $appliances = ['led-lamp', 'heated-airer', 'vent-fan'];
        foreach (range(1, $dice->getInt(1, max(1, intdiv($most, 3)))) as $line) {
            $board = (new AddLine('Line ' . $line, TestBoards::part($appliances[$dice->getInt(0, 2)], Appliance::class)))->apply($board);
            if (0 === $dice->getInt(0, 3)) {
                $board = (new DriveByModule(['A' . $line], TestBoards::part('opto-module-low', OptoModule::class)))->apply($board);
            }
            if (0 !== $dice->getInt(0, 2)) {
                $board = (new AddSurface(
                    'L' . $line,
                    [SurfaceKind::WallSwitch, SurfaceKind::PushButton, SurfaceKind::InfraredKey][$dice->getInt(0, 2)],
                ))->apply($board);
            }
        }
        $extras = [
            static fn(Board $b): Board => (new AddGroup(GroupKind::I2c, 'Bus'))->apply($b),
            static fn(Board $b): Board => (new AddGroup(GroupKind::Uart, 'Link'))->apply($b),
            static fn(Board $b): Board => (new AddGroup(GroupKind::Spi, 'Display'))->apply($b),
            static fn(Board $b): Board => (new AddSelector('Steps', $dice->getInt(2, 5)))->apply($b),
            static fn(Board $b): Board => (new AddSelector('Knob', 5, true))->apply($b),
            static fn(Board $b): Board => (new FitExpander(TestBoards::part('mcp23017', Expander::class)))->apply($b),
            ...array_map(self::adding(...), [
                FunctionKind::AnalogueSensor, FunctionKind::MotionSensor, FunctionKind::ReedContact, FunctionKind::LeakProbe,
                FunctionKind::OneWireSensor, FunctionKind::ZeroCross, FunctionKind::StatusLed, FunctionKind::Buzzer,
                FunctionKind::BootButton, FunctionKind::SparePin,
            ]),
        ];
        foreach (range(1, 6) as $ignored) {
            if (count($board->functions) < $most) {
                $board = $extras[$dice->getInt(0, count($extras) - 1)]($board);
            }
        }
        if (0 === $dice->getInt(0, 2)) {
            $board = self::inOrder($board, $dice);
        }

        return self::seated($board, $dice);
    }

    /** Keeps a few functions, drawn from all, in header order. */
    private static function inOrder(Board $board, Randomizer $dice): Board
    {
        $ids = $dice->shuffleArray(array_keys($board->functions));

        return count($ids) < 2 ? $board : (new AddGroup(
            GroupKind::HeaderOrder,
            'In order',
            array_slice($ids, 0, $dice->getInt(2, 4)),
        ))->apply($board);
    }

    /** Seats some functions anywhere, and locks a few of them. */
    private static function seated(Board $board, Randomizer $dice): Board
    {
        $pins = $dice->shuffleArray(array_keys($board->controller()->pins));
        foreach (array_keys($board->functions) as $id) {
            if ([] !== $pins && 0 === $dice->getInt(0, 1)) {
                $board = (new SeatFunction($id, array_pop($pins)))->apply($board);
                if (0 === $dice->getInt(0, 5)) {
                    $board = (new LockSeat($id, true))->apply($board);
                }
            }
            if ($board->functions[$id]->kind->isContact() && 0 === $dice->getInt(0, 4)) {
                $board = (new FitPull($id, PullDirection::Up, 10e3))->apply($board);
            }
        }

        return $board;
    }

    /** @return \Closure(Board): Board */
    private static function adding(FunctionKind $kind): \Closure
    {
        return static fn(Board $board): Board => (new AddFunction($kind, $kind->value))->apply($board);
    }
}
