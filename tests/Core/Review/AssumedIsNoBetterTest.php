<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Demo\DemoBoards;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What is only assumed gives the same verdict as the same value stated, or a more cautious one: for every fact of every board. */
#[Group('properties')]
final class AssumedIsNoBetterTest extends TestCase
{
    public function testNoVerdictGetsBetterWhenAFactIsOnlyAssumed(): void
    {
        $tried = 0;
        $better = [];
        foreach ($this->boards() as $name => $board) {
            $data = json_decode(BoardJson::write($board), true);
            self::assertIsArray($data);
            $stated = self::inspect($board);
            foreach (self::facts($data, []) as $path) {
                $changed = self::assume($data, $path);
                $assumed = self::inspect(BoardJson::readOwn(json_encode($changed, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
                ++$tried;
                foreach ($stated->findings as $finding) {
                    // Where the air is not stated, every check takes what is reckoned for the box: the box itself is then no finding.
                    if (
                        $finding->severity->opensLatch()
                        && !(['ambient'] === $path && 'power.warm-box' === $finding->rule->id)
                        && self::isMilder($finding, $assumed)
                    ) {
                        $better[] = sprintf('%s, %s: %s', $name, implode('.', $path), $finding->key());
                    }
                }
                $unasked = array_diff(self::gaps($stated), self::gaps($assumed));
                self::assertSame([], $unasked, implode('.', $path));
            }
        }
        self::assertGreaterThan(200, $tried);
        self::assertSame([], $better);
    }

    /**
     * @return iterable<string, Board>
     */
    private function boards(): iterable
    {
        yield from (new DemoBoards(TestBoards::catalogue()))->all();
        $every = Sample::size(23, 1);
        $number = 0;
        foreach (RuleFixtures::all() as $name => $fixture) {
            if (0 === $number++ % $every) {
                yield $name => $fixture['fault'];
            }
        }
    }

    private static function isMilder(Finding $finding, Report $assumed): bool
    {
        $now = $assumed->finding($finding->key());
        if (null !== $now) {
            return $now->severity->rank() > $finding->severity->rank();
        }

        return !in_array($finding->rule->id, array_map(static fn($gap): string => $gap->rule->id, $assumed->notChecked), true);
    }

    /**
     * @return list<string>
     */
    private static function gaps(Report $report): array
    {
        return array_map(static fn($gap): string => $gap->rule->id . ':' . $gap->subject, $report->notChecked);
    }

    private static function inspect(Board $board): Report
    {
        return Inspector::withRuleBook()->inspect(new Inspection($board));
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $path
     * @return iterable<list<string>> where something is stated
     */
    private static function facts(array $data, array $path): iterable
    {
        foreach ($data as $key => $value) {
            if (is_array($value) && 'parts' !== $key) {
                $here = [...$path, (string) $key];
                if (['stated'] === array_keys($value)) {
                    yield $here;
                } else {
                    yield from self::facts($value, $here);
                }
            }
        }
    }

    /**
     * @param array<mixed> $data
     * @param list<string> $path
     * @return array<mixed>
     */
    private static function assume(array $data, array $path): array
    {
        $at = &$data;
        foreach ($path as $step) {
            if (!is_array($at)) {
                throw new \LogicException('No such path.');
            }
            $at = &$at[$step];
        }
        $at = ['assumed' => is_array($at) ? $at['stated'] : null, 'because' => 'of this test'];

        return $data;
    }
}
