<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Pins\SwapSeats;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Wiring\MeasureWire;
use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Wiring\Colour;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\ContinuityList;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Listing\CuttingList;
use IronLatch\Core\Wiring\Listing\Ohmmeter;
use IronLatch\Core\Wiring\Listing\TerminalPlan;
use IronLatch\Core\Wiring\Listing\TerminalRow;
use IronLatch\Core\Wiring\Listing\WiringDiff;
use IronLatch\Core\Wiring\Listing\WiringList;
use IronLatch\Core\Wiring\LowVoltageWire;
use IronLatch\Core\Wiring\NetKind;
use IronLatch\Core\Wiring\Wire;
use IronLatch\Core\Wiring\WiredDevice;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The lists that are made of the connections: wires in the order of the work, what to cut, what to measure, what changes. */
final class ListingTest extends TestCase
{
    public function testLinesOfOneNameHaveTwoCables(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $namesake = Copy::of($board->lines['L2'], ['name' => $board->lines['L1']->name]);
        $board = $board->with(lines: [...$board->lines, 'L2' => $namesake]);
        $bundles = array_keys(WiringList::of(Connections::of($board)));
        self::assertSame([], array_diff(['cable L1, Dehumidifier', 'cable L2, Dehumidifier'], $bundles));
    }

    public function testWiresStandInTheOrderOfTheWork(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $connections = Connections::of($board);
        $bundles = WiringList::of($connections);
        self::assertSame(['on the board', 'mains', 'low voltage'], array_slice(array_keys($bundles), 0, 3));
        self::assertContains('cable L1, Dehumidifier', array_keys($bundles));
        self::assertCount(count($connections->wires), array_merge(...array_values($bundles)));
        $kinds = static fn(string $bundle): array => array_values(array_unique(array_map(
            static fn(Wire $wire): string => $connections->nets[$wire->net]->kind->value,
            $bundles[$bundle],
        )));
        self::assertSame(['protective earth', 'neutral', 'live', 'switched live'], $kinds('mains'));
        self::assertSame(['ground', 'rail', 'switched direct current', 'signal'], $kinds('low voltage'));
        foreach ($bundles as $name => $wires) {
            foreach ($wires as $wire) {
                $isMains = $connections->nets[$wire->net]->kind->isMains();
                self::assertFalse($isMains && 'low voltage' === $name || !$isMains && 'mains' === $name, $wire->number);
            }
        }
    }

    public function testWiresAreCutByColourSizeAndLength(): void
    {
        $board = (new MeasureWire('W11', 0.18))->apply((new MeasureWire('W21', 0.22))->apply(WiredBoards::demos()['utility-room']));
        $rows = CuttingList::of(Connections::of($board));
        $yellow = array_values(array_filter($rows, static fn($row): bool => Colour::Yellow === $row->colour));
        self::assertCount(1, $yellow);
        self::assertCount(8, $yellow[0]->wires);
        self::assertEqualsWithDelta(0.4, $yellow[0]->metres, 1e-9);
        self::assertCount(6, $yellow[0]->unmeasured);
        self::assertSame(0.25e-6, $yellow[0]->squareMetres);
        $earth = array_values(array_filter($rows, static fn($row): bool => Colour::GreenYellow === $row->colour));
        self::assertSame(['M03', 'M13', 'M33', 'M17', 'M37'], $earth[0]->wires);
        self::assertSame(1.5e-6, $earth[0]->squareMetres);
    }

    /** What nobody has chosen is cut by what it carries: the wires from a source carry all of their rail. */
    public function testSizesFollowTheCurrent(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $size = static fn(float $amps, string $wire): ?float => Connections::of($board, ['R1' => $amps])->wires[$wire]->squareMetres;
        self::assertSame([0.25e-6, 0.5e-6, 0.75e-6], [$size(1.0, 'V11'), $size(1.01, 'V11'), $size(3.1, 'V11')]);
        self::assertSame(0.25e-6, $size(3.1, 'W12'), 'A coil’s own wire carries its coil.');
        self::assertSame(0.5e-6, $size(0.1, 'V23'), 'A cable has the size that was stated.');
        $chosen = (new StateWiring(lowSquareMetres: 0.34e-6))->apply($board);
        self::assertSame(0.34e-6, Connections::of($chosen, ['R1' => 5.0])->wires['V11']->squareMetres);
        self::assertSame([1.5e-6, null], [$size(16.0, 'V11'), $size(16.1, 'V11')], 'Beyond the table nothing is said.');
    }

    /** Until its fuse opens, a wire must bear what the fuse lets through. */
    public function testSizesFollowTheFuse(): void
    {
        $board = (new ProtectRail('R1', TestBoards::part('fuse-2a', Protection::class)))->apply(TestBoards::sound());
        $wires = Connections::of($board, ['R1' => 0.5])->wires;
        self::assertSame([0.5e-6, 0.5e-6], [$wires['F15']->squareMetres, $wires['V12']->squareMetres]);
        // From the source through the fuse and back.
        self::assertSame('G11 4, +', self::ends($board, 'F15')[0]);
        self::assertSame('F12 1', self::ends($board, 'F15')[1]);
        $ohms = static fn(string ...$numbers): float => array_reduce(
            $numbers,
            static fn(Board $with, string $number): Board => (new MeasureWire($number, 1.0))->apply($with),
            $board,
        )->wiring->feedOhms('R1', false)->typ;
        self::assertEqualsWithDelta(3 / 58 / 0.25, $ohms('F15', 'F10', 'V12'), 1e-9);
        self::assertSame(0.0, $ohms('F25', 'F110', 'W11', 'V15'));
    }

    /** @return array{string, string} */
    private static function ends(Board $board, string $wire): array
    {
        $connections = Connections::of($board);

        return [$connections->words($connections->wires[$wire]->from), $connections->words($connections->wires[$wire]->to)];
    }

    /** In a chain the wires on the way carry what hangs behind them; a ground carries what comes back from all its rails. */
    public function testSizesFollowTheChain(): void
    {
        $board = (new StateWiring(rails: WiringScheme::Chain, ground: WiringScheme::Chain))->apply(WiredBoards::demos()['utility-room']);
        $size = static fn(string $wire): ?float => Connections::of($board, ['R1' => 0.8, 'R2' => 0.5])->wires[$wire]->squareMetres;
        self::assertSame([0.25e-6, 0.5e-6], [$size('W12'), $size('W13')]);
        $joined = Connections::of($board, ['R1' => 2.0])->wires;
        self::assertSame([0.5e-6, 0.5e-6], [$joined['W12']->squareMetres, $joined['W13']->squareMetres]);
    }

    #[TestWith([0.13e-6, 0.0])]
    #[TestWith([0.14e-6, 1.0])]
    #[TestWith([0.25e-6, 1.0])]
    #[TestWith([0.5e-6, 3.0])]
    #[TestWith([0.75e-6, 6.0])]
    #[TestWith([1.0e-6, 10.0])]
    #[TestWith([1.5e-6, 16.0])]
    public function testWhatAWireBears(float $squareMetres, float $amps): void
    {
        self::assertSame($amps, LowVoltageWire::amps($squareMetres));
        if ($amps > 0) {
            self::assertLessThanOrEqual($squareMetres, LowVoltageWire::least($amps));
            self::assertGreaterThan($squareMetres, LowVoltageWire::least($amps + 0.01) ?? INF);
        }
    }

    public function testEveryClampHasItsConductorsAndItsTorque(): void
    {
        $rows = [];
        foreach (TerminalPlan::of(Connections::of(WiredBoards::demos()['utility-room'])) as $row) {
            $rows[$row->device->id . '.' . $row->terminal->key] = $row;
        }
        self::assertSame([['M11'], ['M15'], 0.5], [$rows['X12.L']->wires, $rows['X12.L']->beyond, $rows['X12.L']->newtonMetres]);
        self::assertSame([['H71'], ['H73'], 0.2], [$rows['X71.1']->wires, $rows['X71.1']->beyond, $rows['X71.1']->newtonMetres]);
        self::assertNull($rows['U01.R2']->newtonMetres);
        // “First try” has two functions on one pin: a fault of its own.
        foreach (array_diff_key(WiredBoards::all(), ['first-try' => true]) as $name => $board) {
            foreach (TerminalPlan::of(Connections::of($board)) as $row) {
                self::assertFalse($row->isOverfull(false), $name . ' ' . $row->device->id);
            }
        }
    }

    public function testAChainPutsTwoIntoOneClamp(): void
    {
        $board = (new StateWiring(mains: WiringScheme::Chain))->apply(WiredBoards::demos()['utility-room']);
        $full = array_filter(TerminalPlan::of(Connections::of($board)), static fn(TerminalRow $row): bool => $row->isOverfull(false));
        self::assertNotSame([], $full);
        foreach ($full as $row) {
            self::assertTrue($row->isMains);
        }
    }

    public function testWhatIsMeasuredBeforePower(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $connections = Connections::of($board);
        $rows = (new ContinuityList($board, $connections))->rows();
        $of = static fn(string $step): array => array_values(array_filter(
            $rows,
            static fn(ContinuityRow $row): bool => $step === $row->step,
        ));
        self::assertSame(
            [
                ContinuityList::NO_SHORT, ContinuityList::JOINED, ContinuityList::PARTS,
                ContinuityList::APART, ContinuityList::CONTACTS, ContinuityList::STRAIGHT,
            ],
            array_values(array_unique(array_map(static fn(ContinuityRow $row): string => $row->step, $rows))),
        );
        self::assertSame(['5 V', '3V3', '12 V'], array_map(static fn($row): string => $row->from, $of(ContinuityList::NO_SHORT)));
        self::assertCount(count($connections->wires), [...$of(ContinuityList::JOINED), ...$of(ContinuityList::STRAIGHT)]);
        $coil = array_values(array_filter($of(ContinuityList::PARTS), static fn($row): bool => 'K11 A1' === $row->from))[0];
        self::assertSame(['62 Ω', '56 Ω to 68 Ω, the same both ways round'], [$coil->expected, $coil->limit]);
        $base = array_values(array_filter($of(ContinuityList::PARTS), static fn($row): bool => 'R11 1' === $row->from))[0];
        self::assertSame('470 Ω', $base->expected);
        $lives = array_filter(
            $connections->nets,
            static fn($net): bool => $net->kind->isMains() && NetKind::Earth !== $net->kind,
        );
        self::assertCount(count($lives), $of(ContinuityList::APART), 'Each mains net against the one ground.');
        $earth = array_values(array_filter(
            $of(ContinuityList::STRAIGHT),
            static fn($row): bool => str_starts_with($row->expected, 'M13:'),
        ))[0];
        self::assertSame('below 100 mΩ, plus the lead', $earth->limit);
        self::assertCount(8, $of(ContinuityList::CONTACTS));
    }

    /** Two coils side by side read half: what lies beside a part lowers its reading. */
    public function testAnOhmmeterReadsEveryWayAtOnce(): void
    {
        $connections = Connections::of(WiredBoards::others()['both poles']);
        $meter = new Ohmmeter($connections);
        $coils = $meter->between('R1', 'A1.out');
        self::assertNotNull($coils);
        self::assertEqualsWithDelta(31.0, $coils->typ, 1e-9);
        self::assertEqualsWithDelta(28.0, $coils->min, 1e-9);
        self::assertNull($meter->between('R1', 'L'), 'No way leads across the barrier.');
        self::assertEqualsWithDelta(10e3, $meter->between('A1.base', 'GND')->typ ?? 0.0, 1e-6);
    }

    public function testWhatChangesIsRemovedMovedAdded(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $before = Connections::of($board);
        self::assertTrue(WiringDiff::between($before, $before)->isEmpty());
        $gone = WiringDiff::between($before, Connections::of((new RemoveLine('L5'))->apply($board)));
        self::assertSame([[], []], [$gone->moved, $gone->added]);
        self::assertContains('K51', $gone->devicesGone);
        self::assertArrayHasKey('W51', $gone->removed);
        self::assertArrayHasKey('P51', $gone->removed);
        $back = WiringDiff::between(Connections::of((new RemoveLine('L5'))->apply($board)), $before);
        self::assertSame(array_keys($gone->removed), array_keys($back->added));
        $swapped = WiringDiff::between($before, Connections::of((new SwapSeats('F1', 'F2'))->apply($board)));
        self::assertSame([['W11', 'W21'], [], []], [array_keys($swapped->moved), $swapped->removed, $swapped->added]);
        self::assertSame(['F1', 'F2'], $swapped->nets());
    }

    public function testAResistorOfAnotherValueIsExchanged(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $other = (new ChooseDriver(['A1'], new NpnLowSide('npn-2n2222', 680.0, 10e3), []))->apply($board);
        $diff = WiringDiff::between(Connections::of($board), Connections::of($other));
        self::assertSame([[], [], []], [$diff->removed, $diff->moved, $diff->added]);
        self::assertFalse($diff->isEmpty());
        self::assertSame(['R11'], array_keys($diff->exchanged));
        self::assertSame(['470 Ω', '680 Ω'], array_map(static fn(WiredDevice $one): string => $one->value, $diff->exchanged['R11']));
    }
}
