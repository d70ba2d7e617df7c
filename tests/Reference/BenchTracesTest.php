<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Bench\BoardFacts;
use IronLatch\Core\Bench\Chances;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Hands;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Scene;
use IronLatch\Core\Control\PulseTimes;
use IronLatch\Core\Exchange\TraceVcd;
use IronLatch\Core\Program\InfraredDecoder;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Times of infrared codes against their published layout, and runs against a general tool for waveforms. */
final class BenchTracesTest extends TestCase
{
    private static ?Hands $hands = null;

    /**
     * The layout of the 32-bit pulse-distance code as receivers’ data sheets publish it (from memory): carrier 9 ms, pause 4.5 ms; each
     * bit 562.5 µs of carrier and 562.5 µs or 1687.5 µs of pause; a last 562.5 µs of carrier. A whole frame of a sound code lasts 67.5 ms
     * up to its last mark.
     */
    public function testAFrameHasItsPublishedTimes(): void
    {
        $edges = self::edges(0x0BF402FD);
        self::assertCount(68, $edges, 'Head, 32 bits and the last mark: 34 marks, each with two edges.');
        [$marks, $spaces] = [[], []];
        foreach ($edges as $place => $at) {
            if (isset($edges[$place + 1])) {
                0 === $place % 2 ? $marks[] = $edges[$place + 1] - $at : $spaces[] = $edges[$place + 1] - $at;
            }
        }
        // What a receiver stretches is taken off again.
        self::assertEqualsWithDelta(9000, $marks[0] - 50, 1);
        self::assertEqualsWithDelta(4500, $spaces[0] + 50, 1);
        foreach (str_split(sprintf('%032b', 0x0BF402FD)) as $bit => $digit) {
            self::assertEqualsWithDelta(562.5, $marks[$bit + 1] - 50, 1);
            self::assertEqualsWithDelta('1' === $digit ? 1687.5 : 562.5, $spaces[$bit + 1] + 50, 1);
        }
        self::assertEqualsWithDelta(67_500, $edges[66], 50, 'To the beginning of the last mark.');
        // What reads a receiver’s printed times reads the same code.
        $times = array_map(static fn(int $place): int => $edges[$place + 1] - $edges[$place], range(0, 66));
        self::assertSame(['0BF402FD'], PulseTimes::values($times));
    }

    public function testEveryCodeIsHeardWithItsTimesOffByAFifthAndNoneWithTheirHalf(): void
    {
        $chances = new Chances(5);
        for ($try = 0; $try < 200; ++$try) {
            $code = ($chances->below(0x10000) << 16) | $chances->below(0x10000);
            $factor = $chances->between(0.8, 1.2);
            self::assertSame(sprintf('%08X', $code), self::heard(self::edges($code), $factor));
            self::assertNull(self::heard(self::edges($code), 1.5), 'Half as long again is no such code.');
        }
        // 9 ms, 2.25 ms, a last mark: the key is still held.
        self::assertSame('repeat', self::heard(self::edges(null), 1.0));
    }

    /**
     * @param list<int> $edges
     */
    private static function heard(array $edges, float $factor): ?string
    {
        $decoder = new InfraredDecoder();
        $heard = null;
        foreach ($edges as $place => $at) {
            $heard = $decoder->edge((int) round($at * $factor), 0 === $place % 2) ?? $heard;
        }

        return $heard;
    }

    /**
     * @return list<int> µs from the beginning of a frame, carrier on and off in turn
     */
    private static function edges(?int $code): array
    {
        $scene = new Scene(1);
        self::$hands ??= new Hands(BoardFacts::of(new Inspection(BenchDesk::demo('utility-room')), Corner::Typical));
        self::$hands->frame($scene, 'F8', $code, 0, 0);
        $edges = [];
        for ($next = $scene->next(); null !== $next; $next = $scene->next()) {
            $edges[] = $next->at;
            $scene->take();
        }

        return $edges;
    }

    /**
     * @return iterable<string, array{string, list<array{0: float, 1: string, 2?: string, 3?: string}>}>
     */
    public static function runs(): iterable
    {
        yield 'utility room' => [
            'utility-room',
            [[10.0, 'press', 'S9'], [12.0, 'press', 'S3'], [14.0, 'say', 'S16', '100'], [16.0, 'cut mains']],
        ];
        yield 'fermentation' => ['fermentation', [[10.0, 'sensor', 'S1', '18'], [20.0, 'sensor', 'S1', '25'], [400.0, 'press', 'S4']]];
        yield 'first try' => ['first-try', [[10.0, 'press', 'S1']]];
        yield 'aquarium' => ['aquarium', [[5.0, 'outage', 'radio'], [9.0, 'press', 'S1'], [30.0, 'back', 'radio']]];
    }

    /**
     * Debian’s vcd2fst reads what we write, and what fst2vcd writes back holds the same changes.
     *
     * @param list<array{0: float, 1: string, 2?: string, 3?: string}> $deeds
     */
    #[DataProvider('runs')]
    public function testAGeneralToolReadsTheDumpAndGivesItBack(string $demo, array $deeds): void
    {
        $course = BenchDesk::run(BenchDesk::demo($demo), $deeds, 500.0);
        $folder = sys_get_temp_dir() . '/' . uniqid('iron-latch-vcd-', true);
        mkdir($folder);
        file_put_contents($folder . '/run.vcd', TraceVcd::write($course));
        exec(sprintf('vcd2fst %s %s 2>&1', escapeshellarg($folder . '/run.vcd'), escapeshellarg($folder . '/run.fst')), $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
        exec(sprintf('fst2vcd %s 2>&1', escapeshellarg($folder . '/run.fst')), $back, $code);
        self::assertSame(0, $code);
        unlink($folder . '/run.vcd');
        unlink($folder . '/run.fst');
        rmdir($folder);
        $own = self::changes(explode("\n", TraceVcd::write($course)));
        self::assertSame($own, self::changes($back));
        // Each movement of a relay stands in it at its microsecond.
        foreach ($course->all(Happens::Relay) as $one) {
            $name = array_values(
                array_filter(array_keys($own), static fn(string $name): bool => str_starts_with($name, 'relays.' . $one->subject . '_')),
            )[0];
            self::assertContains([$one->micros, $one->value], $own[$name]);
        }
    }

    /**
     * @param list<string> $lines
     * @return array<string, list<array{int, string}>> moment and value by scope and name, without repetitions
     */
    private static function changes(array $lines): array
    {
        $names = $changes = $last = [];
        $scope = '';
        $at = 0;
        foreach ($lines as $line) {
            if (1 === preg_match('/^\$scope module (\S+)/', $line, $match)) {
                $scope = $match[1];
            } elseif (1 === preg_match('/^\$var wire \d+ (\S+) (\S+)/', $line, $match)) {
                $names[$match[1]] = $scope . '.' . $match[2];
            } elseif (1 === preg_match('/^#(\d+)$/', $line, $match)) {
                $at = (int) $match[1];
            } elseif (1 === preg_match('/^(?:b([01xz]+) |([01xz]))(\S+)$/', $line, $match) && isset($names[$match[3]])) {
                $value = '' !== $match[1] ? (string) bindec($match[1]) : $match[2];
                if (($last[$match[3]] ?? null) !== $value) {
                    $changes[$names[$match[3]]][] = [$at, $value];
                    $last[$match[3]] = $value;
                }
            }
        }
        ksort($changes);

        return $changes;
    }
}
