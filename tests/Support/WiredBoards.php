<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\FitDebounce;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\PairRelay;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Tests\Core\Review\Starts;

/** Boards whose wiring is drawn: the demo boards, and one of each way to build. */
final class WiredBoards
{
    /** @return array<string, Board> */
    public static function all(): array
    {
        return [...self::demos(), ...self::generated()];
    }

    /** @return array<string, Board> */
    public static function demos(): array
    {
        $boards = [];
        foreach (['aquarium', 'fermentation', 'first-try', 'utility-room'] as $name) {
            $boards[$name] = BoardJson::read((string) file_get_contents(dirname(__DIR__, 2) . "/demo/$name.json"));
        }

        return $boards;
    }

    /** @return array<string, Board> */
    public static function generated(): array
    {
        $eight = TestBoards::withLines(8);
        $relays = array_keys($eight->actuators());

        return [
            'module' => (new DriveByModule($relays, TestBoards::part('opto-module-jumper', OptoModule::class)))->apply($eight),
            'discrete' => self::withHands(TestBoards::withLines(16)),
            'array' => self::driven($eight, $relays, new ArrayChannel('uln2803a'), 'uln2803a'),
            'expander' => self::onExpander(),
            'step fan' => TestBoards::edited(Starts::fan(), Starts::bank(CapacitorClass::MotorRun, 180e3, 2.2)),
            'bistable' => self::bistable(),
            'solid-state' => TestBoards::edited(
                TestBoards::sound(),
                new ChooseRelay(['A1', 'A2'], TestBoards::part('ssr-2a-pcb', Relay::class)),
            ),
            'split outlets' => self::splitOutlets(),
            '12 V only' => self::lowVoltageOnly(),
            'two-way' => TestBoards::edited(Starts::house(), new MakeTwoWay('L1', 2)),
        ];
    }

    /**
     * Further circuits and facts that none of these has, for what is held of every connection list.
     *
     * @return array<string, Board>
     */
    public static function others(): array
    {
        $sound = TestBoards::sound();
        $coupler = new CouplerDriver('pc817', 'npn-2n2222', 330.0, 470.0, 10e3, true);

        return [
            'coupler' => self::driven($sound, ['A1'], $coupler, 'pc817', 'npn-2n2222'),
            'high side' => self::driven(
                $sound,
                ['A1'],
                new HighSidePair('npn-2n2222', 'pnp-2n2907', 1e3, 470.0),
                'npn-2n2222',
                'pnp-2n2907',
            ),
            'valve on its driver' => Starts::valveOnItsOwnDriver(),
            'valve by a relay' => Starts::valveLine(),
            'blind' => Starts::blind(),
            'state by voltage' => TestBoards::edited(
                Starts::house(),
                new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
                new SeatFunction('F6', '27'),
            ),
            'state by current' => TestBoards::edited(Starts::house(), new SenseState('L1'), new SeatFunction('F6', '27')),
            'both poles' => TestBoards::edited(
                $sound,
                new StateBox(inlet: InletKind::TwoHots, bothFused: true),
                new StateConductor(['L1', 'L2'], SwitchedConductor::Both),
                new PairRelay(['A1'], true),
                new ChooseRelay(['A2'], TestBoards::part('two-pole-5v', Relay::class)),
            ),
            'remote' => Starts::remote(),
            'empty' => TestBoards::bare(),
        ];
    }

    /**
     * @param list<string> $relays
     */
    private static function driven(Board $board, array $relays, Driver $driver, string ...$parts): Board
    {
        return (new ChooseDriver(
            $relays,
            $driver,
            array_map(static fn(string $part): Part => TestBoards::part($part, Part::class), array_values($parts)),
        ))->apply($board);
    }

    /** A switch, a button with everything around it, and a light. */
    private static function withHands(Board $board): Board
    {
        return TestBoards::edited(
            $board,
            new AddSurface('L1', SurfaceKind::WallSwitch),
            new AddSurface('L2', SurfaceKind::PushButton),
            new SeatFunction('F17', '34'),
            new SeatFunction('F18', '35'),
            new FitPull('F17', PullDirection::Up, 2.7e3),
            new FitPull('F18', PullDirection::Up, 10e3),
            new FitDebounce('F18', 100e-9),
        );
    }

    private static function onExpander(): Board
    {
        $board = TestBoards::edited(
            TestBoards::withLines(8),
            new AddGroup(GroupKind::I2c, 'Bus'),
            new FitExpander(TestBoards::part('mcp23017', Expander::class)),
        );
        for ($line = 1; $line <= 8; ++$line) {
            $board = (new SeatFunction('F' . $line, 'X1.A' . ($line - 1)))->apply($board);
        }

        return TestBoards::edited($board, new SeatFunction('F9', 'GPIO21'), new SeatFunction('F10', 'GPIO22'));
    }

    /** One relay with two windings, and one with a bridge for its one. */
    private static function bistable(): Board
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseRelay(['A1'], TestBoards::part('bistable-5v-two', Relay::class)),
            new AddSecondWinding('A1'),
            new ChooseRelay(['A2'], TestBoards::part('bistable-5v-one', Relay::class)),
        );

        return TestBoards::edited(
            self::driven($board, ['A2'], new BridgeOutput('drv8837'), 'drv8837'),
            new AddSecondWinding('A2'),
            new SeatFunction('F6', '21'),
            new SeatFunction('F7', '19'),
        );
    }

    private static function splitOutlets(): Board
    {
        $board = TestBoards::edited(TestBoards::withLines(4), new ChooseMains(TestBoards::part('mains-120', MainsSystem::class)));

        return (new StateSafety(['L1', 'L2', 'L3', 'L4'], outlet: OutletKind::SplitHalf, linkRemoved: true))->apply($board);
    }

    /** A van: a 12 V bus feeds the board and all that it switches. */
    private static function lowVoltageOnly(): Board
    {
        return TestBoards::edited(
            TestBoards::bare(),
            new ChooseMains(TestBoards::part('dc-12', MainsSystem::class)),
            new ChooseSupply('R1', TestBoards::part('adapter-5v-2a', Supply::class)),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new AddLine('Light', TestBoards::part('led-lamp', Appliance::class)),
            new SeatFunction('F1', '23'),
            new SeatFunction('F2', '22'),
        );
    }
}
