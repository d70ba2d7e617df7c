<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PartsRow;
use IronLatch\Core\Catalogue\Transistor;
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
        // Carrier 7 €, 8 transistors at 0.05 €, 8 relays at 2.20 €, supply 7.50 €, adapter 7 €, fuse 0.50 €.
        self::assertEqualsWithDelta(7 + 8 * 0.05 + 8 * 2.2 + 7.5 + 7 + 0.5, $parts->knownEuros(), 1e-9);
        self::assertSame(84, $parts->count());
        self::assertSame(84 - 20, $parts->unpriced());
        $resistors = self::row($parts, '10 kΩ');
        self::assertSame(['R12', 'R22', 'R32', 'R42', 'R52', 'R62', 'R72', 'R82', 'R115', 'R125', 'R145'], $resistors->designators);
        self::assertNull($resistors->euros);
        self::assertNull($resistors->sumEuros());
        $relays = self::row($parts, 'Relay 5 V, 0.4 W, 16 A, stated reinforced');
        self::assertSame(['K11', 'K21', 'K31', 'K41', 'K51', 'K61', 'K71', 'K81'], $relays->designators);
        self::assertEqualsWithDelta(17.6, $relays->sumEuros(), 1e-9);
        self::assertSame(['100 Ω in VCC, 4.7 µF beside it; sleeve its legs'], self::row($parts, 'infrared receiver')->notes);
    }

    public function testEveryDeviceIsBoughtOnceButWhatIsThereAlready(): void
    {
        foreach (WiredBoards::all() as $name => $board) {
            $connections = Connections::of($board);
            $wanted = [];
            foreach ($connections->devices as $device) {
                if (DeviceKind::Appliance !== $device->kind && DeviceKind::Case !== $device->kind) {
                    $wanted[] = $device->id;
                }
            }
            $parts = PartsList::of($board, $connections);
            $bought = array_merge(...array_map(static fn(PartsRow $row): array => $row->designators, $parts->rows));
            self::assertEqualsCanonicalizing($wanted, $bought, $name);
            self::assertCount($parts->count(), $bought, $name);
            foreach ($parts->rows as $row) {
                self::assertNotSame('', $row->what, "$name: {$row->designators[0]}");
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
        self::assertEqualsWithDelta(2.25, $lines['L1']->knownEuros(), 1e-9);
        self::assertSame(8, $lines['L1']->unpriced());
        // Three relays, each with its transistor.
        self::assertEqualsWithDelta(3 * 2.25, $lines['L2']->knownEuros(), 1e-9);
        $shared = array_intersect(['U01', 'G11', 'B81', 'F01', 'X05', 'X01'], array_merge(...array_map($of, array_keys($lines))));
        self::assertSame([], $shared);
    }

    public function testChannelsOfOneModuleAreOnePart(): void
    {
        $parts = self::partsOf(WiredBoards::generated()['module']);
        self::assertSame(['A11'], self::row($parts, 'Opto relay module 5 V, trigger jumper')->designators);
        self::assertSame([], array_filter($parts->rows, static fn(PartsRow $row): bool => DeviceKind::Relay === $row->kind));
    }

    public function testTerminalBlocksAreToldApartByTheirPolesAlone(): void
    {
        $parts = self::partsOf(WiredBoards::demos()['utility-room']);
        // Two appliances with earth have three poles; lamps, fans and switches two.
        self::assertSame(['X12', 'X32'], self::row($parts, '3 poles', DeviceKind::Terminals)->designators);
        self::assertContains('X52', self::row($parts, '2 poles', DeviceKind::Terminals)->designators);
        self::assertContains('X71', self::row($parts, '2 poles', DeviceKind::Terminals)->designators);
        self::assertSame(['X24'], self::row($parts, 'round socket', DeviceKind::Terminals)->designators);
    }

    public function testAPriceThatNobodySaidIsNotNought(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $unpriced = Copy::of($board->part('npn-2n2222', Transistor::class), ['price' => 0.0]);
        $parts = self::partsOf($board->with(parts: [...$board->parts, 'npn-2n2222' => $unpriced]));
        $row = self::row($parts, 'NPN 2N2222A class');
        self::assertNull($row->euros);
        self::assertSame(84 - 12, $parts->unpriced());
        $csv = str_replace('"', '', PartsCsv::of($parts, ['Rests on nothing']));
        self::assertStringContainsString('8,transistor,NPN 2N2222A class,Q11 Q21 Q31 Q41 Q51 Q61 Q71 Q81,npn-2n2222,,,', $csv);
        self::assertStringContainsString('1,fuse,Ceramic fuse T 6.3 A,F01,fuse-ceramic-6-3,0.50,0.50,', $csv);
        self::assertStringStartsWith('Rests on nothing,', $csv);
    }

    private static function partsOf(Board $board): PartsList
    {
        return PartsList::of($board, Connections::of($board));
    }

    private static function row(PartsList $parts, string $what, ?DeviceKind $kind = null): PartsRow
    {
        foreach ($parts->rows as $row) {
            if ($row->what === $what && (null === $kind || $row->kind === $kind)) {
                return $row;
            }
        }
        self::fail($what . ' is not in the list.');
    }
}
