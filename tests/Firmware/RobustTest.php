<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\ChipBoards;
use IronLatch\Tests\Support\FirmwareBuild;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** What anybody may send, and power that goes at any moment: looked at by the address and undefined-behaviour sanitizers. */
final class RobustTest extends TestCase
{
    private const SANITIZED = ['-O1', '-g', '-fsanitize=address,undefined', '-fno-sanitize-recover=all'];
    /** Least writes that a cell of the chip’s memory bears (ATmega328P data sheet, from memory). */
    private const ENDURANCE = 100_000;

    public function testRandomTextsAndEdgesAreSurvived(): void
    {
        foreach ([
            'g++' => static fn(): Board => BenchDesk::demo('utility-room'),
            'clang++' => TestBoards::operatedInManyWays(...),
        ] as $compiler => $board) {
            $program = FirmwareBuild::native($board(), $compiler, self::SANITIZED, 'fuzz');
            self::assertSame(['ok'], FirmwareBuild::run($program, [], (string) Sample::size(2_000, 200_000)));
        }
    }

    /** A broker may say anything, and so may whoever calls the panel: no line moves by it, but for somebody who has the key. */
    public function testWhatComesByTheNetworkIsSurvivedAndMovesNothing(): void
    {
        $board = BenchDesk::demo('utility-room');
        foreach (['g++', 'clang++'] as $compiler) {
            $program = FirmwareBuild::native($board, $compiler, self::SANITIZED, 'linkfuzz');
            self::assertSame(['ok'], FirmwareBuild::run($program, [], (string) Sample::size(20_000, 1_000_000), 'worktop-lamp on'));
        }
    }

    public function testPowerMayGoAtAnyByteOfWhatIsKept(): void
    {
        foreach (['restored', 'sixteen bits'] as $name) {
            $program = FirmwareBuild::native(ChipBoards::all()[$name](), 'g++', self::SANITIZED, 'kept');
            [$length, $least, $most] = array_map(intval(...), explode(' ', FirmwareBuild::run($program, [])[0]));
            // 70 000 states in a ring: each cell bears them many times over, and none much more than the others.
            self::assertLessThan(self::ENDURANCE / 50, $most);
            self::assertGreaterThan(0, $least + $length);
        }
    }
}
