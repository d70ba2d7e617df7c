<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core;

use IronLatch\Core\Board\BoardIntegrity;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Control\PulseTimes;
use IronLatch\Core\Exchange\AssumedFacts;
use IronLatch\Core\Record\Fact;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Limits that no larger test happens to stand close to, from both sides. */
final class EdgesTest extends TestCase
{
    /** What the paper on the board file promises is what the code allows. */
    public function testTheGreatestCountsAreThoseOfThePaper(): void
    {
        $paper = (string) file_get_contents(dirname(__DIR__, 2) . '/docs/format/README.md');
        foreach (array_intersect_key(BoardIntegrity::MOST, array_flip(['lines', 'functions', 'rails', 'groups', 'expanders', 'devices', 'channels'])) as $what => $most) {
            self::assertStringContainsString("$most $what", $paper);
        }
        self::assertSame([64, 32], [BoardIntegrity::MOST['lineGroups'], BoardIntegrity::MOST['scenarios']]);
    }

    public function testAContactIsAbbreviatedAsOnItsCase(): void
    {
        self::assertSame(['NO', 'NC'], [ContactUse::NormallyOpen->abbreviation(), ContactUse::NormallyClosed->abbreviation()]);
    }

    /** Data-sheet curves: from what a coil bears at 20 °C down to 1.1 times its nominal voltage at 70 °C, and no less beyond. */
    public function testWhatACoilBearsInWarmAir(): void
    {
        $relay = TestBoards::part('cube-5v', Relay::class);
        $cold = $relay->greatestCoilVolts(20.0);
        self::assertEqualsWithDelta(1.1 * 5.0, $relay->greatestCoilVolts(70.0), 1e-9);
        self::assertEqualsWithDelta(1.1 * 5.0, $relay->greatestCoilVolts(85.0), 1e-9);
        self::assertEqualsWithDelta(($cold + 1.1 * 5.0) / 2, $relay->greatestCoilVolts(45.0), 1e-9);
        self::assertGreaterThan(1.1 * 5.0 + 1e-6, $relay->greatestCoilVolts(69.0));
    }

    /** Pulse distance: a space of 1687 µs is a 1, stretched or shortened by 400 µs still; beyond that it is no code. */
    public function testHowFarAReceiverMayStretchASpace(): void
    {
        $times = static fn(int $one, int $mark = 562): array => [9000, 4500, ...array_merge(...array_fill(0, 32, [$mark, $one])), $mark];
        foreach ([1300 => 1, 1299 => 0, 2100 => 1, 2101 => 0] as $space => $codes) {
            self::assertCount($codes, PulseTimes::values($times($space)), $space . ' µs');
        }
        foreach ([300 => 1, 299 => 0, 850 => 1, 851 => 0] as $mark => $codes) {
            self::assertCount($codes, PulseTimes::values($times(1687, $mark)), $mark . ' µs');
        }
        foreach ([7200 => 1, 7199 => 0, 10800 => 1, 10801 => 0] as $head => $codes) {
            self::assertCount($codes, PulseTimes::values([$head, ...array_slice($times(1687), 1)]), $head . ' µs');
        }
    }

    public function testAFactOfTheWholeBoardHasNoOwner(): void
    {
        $board = TestBoards::sound()->with(ambient: Fact::unknown());
        self::assertContains('ambient: 40 °C (usual in a closed box)', AssumedFacts::of($board));
    }
}
