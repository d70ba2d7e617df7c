<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\AddFunction;
use IronLatch\Core\Board\Edit\AddLine;
use IronLatch\Core\Board\Edit\AddSurface;
use IronLatch\Core\Board\Edit\ChooseFuse;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\SeatFunction;
use IronLatch\Core\Board\Edit\StateBox;
use IronLatch\Core\Board\Edit\StateCable;
use IronLatch\Core\Board\Edit\StateConductor;
use IronLatch\Core\Board\Edit\StateSafety;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Board\Place;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;

/** Boards for tests, made of the shipped catalogue and none of the demo's. */
final class TestBoards
{
    public static function catalogue(): Catalogue
    {
        /** @var ?Catalogue $catalogue */
        static $catalogue = null;

        return $catalogue ??= FileCatalogue::load(dirname(__DIR__, 2) . '/catalogue');
    }

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    public static function part(string $id, string $class): Part
    {
        $part = self::catalogue()->part($id);

        return $part instanceof $class ? $part : throw new \LogicException('No such part: ' . $id);
    }

    public static function bare(string $carrier = 'esp32-carrier-38', string $chip = 'esp32'): Board
    {
        return NewBoard::with(
            'Bare',
            self::part($carrier, Carrier::class),
            self::part($chip, Chip::class),
            self::part('mains-230', MainsSystem::class),
            self::part('module-5v-10w', Supply::class),
            self::part('reinforced-5v', Relay::class),
            self::part('npn-2n2222', Transistor::class),
        );
    }

    /**
     * Two lines without a fault. L1 “Lamp” by the wall switch F3 through F1 and A1; L2 “Airer”, which must not start by
     * itself, by the button F4 through F2 and A2; and the analogue sensor F5.
     */
    public static function sound(): Board
    {
        return self::edited(
            self::bare(),
            new AddLine('Lamp', self::part('led-lamp', Appliance::class)),
            new AddLine('Airer', self::part('heated-airer', Appliance::class)),
            new StateConductor(['L1', 'L2'], SwitchedConductor::Live),
            new AddSurface('L1', SurfaceKind::WallSwitch),
            new AddSurface('L2', SurfaceKind::PushButton),
            new AddFunction(FunctionKind::AnalogueSensor, 'Light sensor'),
            new SeatFunction('F1', 'GPIO23'),
            new SeatFunction('F2', 'GPIO22'),
            new SeatFunction('F3', 'GPIO33'),
            new SeatFunction('F4', 'GPIO32'),
            new SeatFunction('F5', 'GPIO34'),
            new StateCable(['F3', 'F4'], 0.5),
            new StateSafety(['L2'], earthJoined: true, restore: RestorePolicy::Off, cutOut: true),
            ...self::mainsFacts(),
        );
    }

    /**
     * A box on a lead of 1 mm² with a 5 A fuse, 8 mm between mains and low voltage, and a side that can be touched.
     *
     * @return list<Edit>
     */
    public static function mainsFacts(): array
    {
        return [
            new StateBox(inlet: InletKind::Polarised, inletAmps: 10.0, leadSquareMetres: 1e-6, innerSquareMetres: 1e-6, terminalAmps: 10.0, clearanceMetres: 8e-3, creepageMetres: 8e-3, place: Place::PlugIn, touchable: true, enclosure: BaseMaterial::FlameRated, oneCircuit: true, switchesFreed: true, lowContactsApart: true, tracks: false),
            new ChooseFuse(self::part('fuse-ceramic-5', MainsFuse::class)),
        ];
    }

    /** A sound board with as many lines as asked for, up to 16. */
    public static function withLines(int $count): Board
    {
        $board = self::bare();
        $pins = ['23', '22', '21', '19', '18', '17', '16', '4', '13', '27', '26', '25', '33', '32', '5', '2'];
        for ($line = 1; $line <= $count; ++$line) {
            $board = self::edited($board, new AddLine('Line ' . $line, self::part('led-lamp', Appliance::class)), new SeatFunction('F' . $line, $pins[$line - 1]));
        }

        return self::edited($board, new StateConductor(array_map(static fn(int $line): string => 'L' . $line, range(1, $count)), SwitchedConductor::Live));
    }

    public static function edited(Board $board, Edit ...$edits): Board
    {
        foreach ($edits as $edit) {
            $board = $edit->apply($board);
        }

        return $board;
    }

    public static function inspect(Board $board): Report
    {
        return Inspector::withRuleBook()->inspect(new Inspection($board, self::catalogue()));
    }
}
