<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Layout;

use IronLatch\Core\Layout\Decisions;
use IronLatch\Core\Layout\Returned;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\LayoutDesk;
use IronLatch\Tests\Support\Sample;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Files that somebody has spoilt are read or refused in words; none brings anything down. */
#[Group('properties')]
final class HostileFilesTest extends TestCase
{
    public function testSpoiltFilesAreReadOrRefused(): void
    {
        $board = BenchDesk::demo('fermentation');
        $inspection = new Inspection($board);
        $desk = new LayoutDesk($board, new Randomizer(new Mt19937(3)));
        $sound = [$desk->ipc(), $desk->placement(), "net,part,pin\nGND,K11,A2\n5,1,1\n", "Designator,Value,Qty\nR1-R9,10k,9\n"];
        $refused = 0;
        for ($seed = 0; $seed < Sample::size(50, 500); ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $text = self::spoilt($sound[$seed % 4], $random);
            try {
                $settled = new Decisions(['1' => 'K11', 'K11' => 'nobody']);
                $read = Returned::read($inspection, $text, $settled, static fn(): string => $sound[0]);
                self::assertNotSame('', $read->verdict());
            } catch (Unreadable $fault) {
                ++$refused;
                self::assertMatchesRegularExpression('/^\P{Ll}.{20,}\.$/su', $fault->getMessage(), (string) $seed);
                self::assertTrue(mb_check_encoding($fault->getMessage(), 'UTF-8'));
            }
        }
        self::assertGreaterThan(0, $refused);
    }

    private static function spoilt(string $text, Randomizer $random): string
    {
        for ($times = $random->getInt(1, 12); $times > 0; --$times) {
            $at = $random->getInt(0, max(0, strlen($text) - 1));
            $some = $random->getInt(0, 40);
            $text = match ($random->getInt(0, 8)) {
                0 => substr($text, 0, $at),
                1 => substr_replace($text, $random->getBytes(1 + $some), $at, $some),
                2 => substr_replace($text, str_repeat('9', 1 + 30 * $some), $at, 3),
                3 => substr_replace($text, "\n", $at, 0),
                4 => str_replace(['K11', 'R1'], ['1', ''], $text),
                5 => substr($text, $at) . $text,
                6 => substr_replace($text, "\0\u{202E}<script>", $at, 0),
                7 => mb_convert_encoding($text, 'UTF-16LE'),
                default => str_replace(',', (string) $random->getInt(0, 9), $text),
            };
        }

        return $text;
    }
}
