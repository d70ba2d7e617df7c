<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\FirmwareBuild;
use IronLatch\Tests\Support\ProgramEvent;
use IronLatch\Tests\Support\ProgramEvents;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The portable library does what the specification does, effect for effect, whatever happens to it. */
#[Group('properties')]
final class DifferentialTest extends TestCase
{
    private const SANITIZED = ['-O1', '-g', '-fsanitize=address,undefined', '-fno-sanitize-recover=all'];

    /**
     * @return iterable<string, array{\Closure(): Board, string}>
     */
    public static function boards(): iterable
    {
        foreach (['utility-room', 'aquarium', 'fermentation', 'first-try'] as $place => $demo) {
            yield $demo => [static fn(): Board => BenchDesk::demo($demo), ['g++', 'clang++'][$place % 2]];
        }
        yield 'operated in many ways' => [TestBoards::operatedInManyWays(...), 'g++'];
        yield 'sixteen lines' => [static fn(): Board => TestBoards::withLines(16), 'clang++'];
    }

    /**
     * @param \Closure(): Board $board
     */
    #[DataProvider('boards')]
    public function testTheLibraryDoesWhatTheSpecificationDoes(\Closure $board, string $compiler): void
    {
        $board = $board();
        $events = new ProgramEvents($board);
        $program = FirmwareBuild::native($board, $compiler, self::SANITIZED);
        for ($seed = 1; $seed <= Sample::size(2, 42); ++$seed) {
            $all = $events->random($seed, 400);
            $difference = self::difference($events, $program, $all);
            if (null !== $difference) {
                self::fail(self::shrunk($events, $program, $all));
            }
        }
        $this->addToAssertionCount(1);
    }

    /**
     * @param list<ProgramEvent> $all
     * @return ?array{string, string, int} expected, said, and the place of the line; null where there is none
     */
    private static function difference(ProgramEvents $events, string $program, array $all): ?array
    {
        [$send, $expect] = $events->told($all);
        $said = ProgramEvents::plain(FirmwareBuild::run($program, $send));
        foreach ($expect as $place => $line) {
            if ($line !== ($said[$place] ?? '')) {
                return [$line, $said[$place] ?? '', $place];
            }
        }

        return null;
    }

    /**
     * The fewest events that still show a difference, as they were told.
     *
     * @param list<ProgramEvent> $all
     */
    private static function shrunk(ProgramEvents $events, string $program, array $all): string
    {
        for ($share = 2; $share <= 2 * count($all); $share *= 2) {
            $length = max(1, intdiv(count($all), $share));
            for ($from = count($all) - $length; $from > 0; $from -= $length) {
                $fewer = $all;
                array_splice($fewer, $from, $length);
                if (null !== self::difference($events, $program, $fewer)) {
                    $all = $fewer;
                }
            }
        }
        [$expected, $said] = self::difference($events, $program, $all) ?? ['', ''];
        [$send, $expect] = $events->told($all);

        return sprintf(
            "Expected “%s”, the library says “%s”.\n\nTold:\n%s\n\nExpected:\n%s",
            $expected,
            $said,
            implode("\n", $send),
            implode("\n", array_slice($expect, -30)),
        );
    }
}
