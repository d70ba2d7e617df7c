<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Exchange\Firmware\PinTables;
use IronLatch\Core\Exchange\Firmware\ProgramSize;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\ChipBoards;
use IronLatch\Tests\Support\ChipBuild;
use PHPUnit\Framework\TestCase;

/** What is said of flash and memory is what the compiler makes of it. */
final class SizesTest extends TestCase
{
    public function testWhatIsReckonedIsWhatIsBuilt(): void
    {
        foreach (ChipBoards::all() as $name => $board) {
            $board = $board();
            $inspection = new Inspection($board);
            $tables = ProgramTables::of(ProgramPlan::of($board, $inspection->controls));
            $size = ProgramSize::of($tables, PinTables::of($inspection, $tables));
            [$flash, $memory] = ChipBuild::size(ChipBuild::elf(ChipBuild::header($board)));
            // Never too low; a board of one line gets by with a tenth less.
            self::assertGreaterThanOrEqual($flash, $size->flashBytes, $name);
            self::assertLessThan(1.12 * $flash, $size->flashBytes, $name);
            self::assertEqualsWithDelta($memory, $size->memoryBytes, 16, $name);
            // A half of the memory stays for what is called at once, also of sixteen lines.
            self::assertLessThan(ProgramSize::FLASH_BYTES / 2, $flash, $name);
            self::assertLessThan(ProgramSize::MEMORY_BYTES / 2, $memory, $name);
        }
    }
}
