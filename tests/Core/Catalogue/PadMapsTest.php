<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Catalogue;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Padded;
use IronLatch\Core\Catalogue\PadMap;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where a part is joined: every part of the catalogue says it, with where that is known from. */
final class PadMapsTest extends TestCase
{
    public function testEveryPartThatIsJoinedStatesItsPads(): void
    {
        $count = 0;
        foreach (TestBoards::catalogue()->parts(Padded::class) as $id => $part) {
            $pads = $part->pads();
            self::assertNotNull($pads, $id);
            self::assertNotSame('', $pads->source, $id);
            ++$count;
        }
        self::assertGreaterThan(90, $count);
    }

    /** What the wiring joins is a pad of the part, so that a netlist can name it. */
    public function testEveryTerminalThatIsWiredIsAPad(): void
    {
        foreach ([...WiredBoards::demos(), ...WiredBoards::generated(), ...WiredBoards::others()] as $name => $board) {
            $connections = Connections::of($board);
            foreach ($connections->nets as $net) {
                foreach ($net->ends as $end) {
                    $device = $connections->devices[$end->device];
                    $isPadded = ($board->parts[$device->part ?? ''] ?? null) instanceof Padded;
                    $isOfAModule = DeviceKind::Module === $device->kind && 1 === preg_match('/^(?:COM|NO|NC)\d/', $end->terminal);
                    if ($isPadded && !$isOfAModule) {
                        self::assertNotSame('', $device->terminals[$end->terminal]->pad, $name . ' ' . $end->name());
                    }
                }
            }
        }
    }

    #[TestWith(['1E'])]
    #[TestWith(['1 E 2'])]
    #[TestWith([''])]
    #[TestWith(['<b> E'])]
    public function testWhatIsNoPadIsRefused(string $pad): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new PadMap([$pad], Basis::FromMemory, 'nowhere');
    }

    public function testNoNumberStandsTwice(): void
    {
        self::assertSame([['11', 'COM'], ['11b', 'COM']], (new PadMap(['11 COM', '11b COM'], Basis::FromMemory, 'nowhere'))->both());
        $this->expectExceptionMessage('each number once');
        new PadMap(['1 E', '1 B'], Basis::FromMemory, 'nowhere');
    }
}
