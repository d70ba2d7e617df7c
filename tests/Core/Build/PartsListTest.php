<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Exchange\PartsCsv;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** What is to be bought: every part of the wiring once, alike ones together, with what they cost. */
final class PartsListTest extends TestCase
{
    public function testTheUtilityRoomBoardCostsWhatASumByHandSays(): void
    {
        $parts = self::partsOf(WiredBoards::demos()['utility-room']);
        // Carrier 7 €, 8 transistors 0.05 €, 20 resistors 0.02 €, an LED 0.20 €, reservoir 0.20 €, 2 step capacitors 3.50 €, 9 diodes
        // 0.05 €,
        // 3 suppressors 1.20 €, 8 relays 2.20 €, module 7.50 €, adapter 7 €, fuse 0.50 €, cut-out 2.50 €, 3 sensors 2 €,
        // 6 buttons 1.50 €, terminals with 10 × 2 and 2 × 3 poles and a socket at 0.25 € a pole, inlet 3 €.
        $circuit = 7 + 8 * 0.05 + 20 * 0.02 + 0.2 + 0.2 + 2 * 3.5 + 9 * 0.05 + 3 * 1.2 + 8 * 2.2 + 7.5 + 7 + 0.5 + 2.5 + 3 * 2 + 6 * 1.5
            + (10 * 2 + 2 * 3 + 2) * 0.25 + 3;
        // Two strips of 19 poles at 0.04 €, four feet at 0.25 €, the box 19 €, wire at 0.30 €, and the board at 2 € for a dm².
        $wire = self::row($parts, 'wire, by the cutting list')->count;
        $board = self::row($parts, 'etched board')->price->euros ?? 0.0;
        self::assertEqualsWithDelta($circuit + 2 * 19 * 0.04 + 4 * 0.25 + 19 + 0.3 * $wire + $board, $parts->knownEuros(), 1e-9);
        self::assertSame(0, $parts->unpriced());
        // 80 parts of the circuit, a board, two strips, four feet, a box.
        self::assertSame(80 + 1 + 2 + 4 + 1, $parts->count());
        $resistors = self::row($parts, '10 kΩ');
        self::assertSame(['R12', 'R22', 'R32', 'R42', 'R52', 'R62', 'R72', 'R82', 'R115', 'R125', 'R145'], $resistors->designators);
        self::assertSame('leaded, 0.25 W', $resistors->package);
        self::assertEqualsWithDelta(0.22, $resistors->sumEuros(), 1e-9);
        $relays = self::row($parts, 'Relay 5 V, 0.4 W, 16 A, stated reinforced');
        // The one of the 12 V valve lies on the low-voltage side and stands in a row of its own.
        self::assertSame(['K11', 'K21', 'K31', 'K51', 'K61', 'K71', 'K81'], $relays->designators);
        self::assertEqualsWithDelta(15.4, $relays->sumEuros(), 1e-9);
        self::assertSame('across the barrier', $relays->side);
        self::assertSame(['100 Ω in VCC, 4.7 µF beside it; sleeve its legs'], self::row($parts, 'infrared receiver')->notes);
    }

    public function testEveryDeviceIsBoughtOnceButWhatIsThereAlready(): void
    {
        foreach (WiredBoards::all() as $name => $board) {
            $connections = Connections::of($board);
            $wanted = [];
            foreach ($connections->devices as $device) {
                $isTrack = DeviceKind::Bar === $device->kind && true === $board->build->form()?->isOneBoard();
                if (DeviceKind::Appliance !== $device->kind && DeviceKind::Case !== $device->kind && !$isTrack) {
                    $wanted[] = $device->id;
                }
            }
            $parts = PartsList::of($board, $connections);
            $bought = array_merge(...array_map(static fn(PartsRow $row): array => $row->designators, $parts->rows));
            self::assertEqualsCanonicalizing($wanted, $bought, $name);
            if (null === $board->build->form()) {
                self::assertCount($parts->count(), $bought, $name);
            }
            foreach ($parts->rows as $row) {
                self::assertNotSame('', $row->what, $name . ': ' . $row->kind);
                self::assertSame(trim($row->what), $row->what);
            }
        }
    }

    public function testALineTakesWhatIsItsOwn(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $lines = PartsList::byLine($board, Connections::of($board));
        $of = static fn(string $line): array => array_merge(...array_map(
            static fn(PartsRow $row): array => $row->designators,
            $lines[$line]->rows,
        ));
        // A key of its own, but neither the receiver that all lines share nor the appliance.
        self::assertEqualsCanonicalizing(['S71', 'X71', 'R11', 'R12', 'Q11', 'D11', 'K11', 'Z11', 'X12', 'B151'], $of('L1'));
        // Button, block, two resistors, transistor, diode, relay, suppressor, block of three poles, sensor.
        self::assertEqualsWithDelta(1.5 + 0.5 + 0.04 + 0.05 + 0.05 + 2.2 + 1.2 + 0.75 + 2, $lines['L1']->knownEuros(), 1e-9);
        self::assertSame(0, $lines['L1']->unpriced());
        // Three relays, each with its driver; two step capacitors.
        self::assertEqualsWithDelta(1.5 + 0.5 + 3 * 2.34 + 2 * 3.5 + 1.2 + 0.5, $lines['L2']->knownEuros(), 1e-9);
        $shared = array_intersect(['U01', 'G11', 'B81', 'F01', 'X05', 'X01'], array_merge(...array_map($of, array_keys($lines))));
        self::assertSame([], $shared);
    }

    public function testChannelsOfOneModuleAreOnePart(): void
    {
        $parts = self::partsOf(WiredBoards::generated()['module']);
        self::assertSame(['A11'], self::row($parts, 'Opto relay module 5 V, trigger jumper')->designators);
        self::assertSame([], array_filter($parts->rows, static fn(PartsRow $row): bool => 'relay' === $row->kind));
    }

    public function testTerminalBlocksAreToldApartByTheirPolesAlone(): void
    {
        $parts = self::partsOf(WiredBoards::demos()['utility-room']);
        // Two appliances with earth have three poles; lamps, fans and switches two.
        self::assertSame(['X12', 'X32'], self::row($parts, '3 poles', DeviceKind::Terminals)->designators);
        // Those at mains lie on the other side of the barrier, and stand in a row of their own.
        self::assertSame(['X22', 'X52', 'X62'], $parts->rowOf('X52')->designators ?? []);
        self::assertSame(['X42', 'X71', 'X91', 'X101', 'X111', 'X121', 'X131'], $parts->rowOf('X71')->designators ?? []);
        self::assertSame(['X24'], self::row($parts, 'round socket', DeviceKind::Terminals)->designators);
    }

    public function testAPriceThatNobodySaidIsNotNought(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $unpriced = Copy::of($board->part('reinforced-5v', Relay::class), ['price' => 0.0]);
        $parts = self::partsOf($board->with(parts: [...$board->parts, 'reinforced-5v' => $unpriced]));
        $row = self::row($parts, 'Relay 5 V, 0.4 W, 16 A, stated reinforced');
        self::assertNull($row->price);
        self::assertNull($row->sumEuros());
        self::assertSame(8, $parts->unpriced());
        $csv = str_replace('"', '', PartsCsv::of($parts, ['Rests on nothing']));
        self::assertStringContainsString(
            '8,transistor,NPN 2N2222A class,Q11 Q21 Q31 Q41 Q51 Q61 Q71 Q81,npn-2n2222,TO-92,low voltage,by hand,,,0.05,0.40,',
            $csv,
        );
        self::assertStringContainsString('reinforced-5v,,across the barrier,by hand,,,,,,,', $csv);
        self::assertStringStartsWith('Rests on nothing,', $csv);
    }

    private static function partsOf(Board $board): PartsList
    {
        return PartsList::of($board, Connections::of($board));
    }

    private static function row(PartsList $parts, string $what, ?DeviceKind $kind = null): PartsRow
    {
        foreach ($parts->rows as $row) {
            if ($row->what === $what && (null === $kind || $row->kind === $kind->value)) {
                return $row;
            }
        }
        self::fail($what . ' is not in the list.');
    }
}
