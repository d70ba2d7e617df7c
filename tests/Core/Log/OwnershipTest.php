<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Log;

use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\Order;
use IronLatch\Core\Log\Ownership;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** What a board has cost, by hand. */
final class OwnershipTest extends TestCase
{
    private static function log(): Log
    {
        return (new Log())
            ->withOrder(new Order('boards', 5, euros: 30.0, revision: 1))
            ->withOrder(new Order('boards', 5, euros: 24.0, revision: 2))
            ->withOrder(new Order('a reel of wire', euros: 6.0))
            ->withOrder(new Order('a gift', revision: 1))
            ->withOrder(new Order('boards', 2, euros: 9.0, revision: 3))
            ->withCopy(new BoardCopy('A', 1, workSeconds: 9_000.0))
            ->withCopy(new BoardCopy('B', 1))
            ->withCopy(new BoardCopy('C', 2, workSeconds: 1_800.0));
    }

    public function testOrdersAreSharedByTheCopiesOfTheirRevision(): void
    {
        $costs = Ownership::of(new Inspection(BenchDesk::demo('utility-room')), self::log());
        self::assertSame([69.0, 1], [$costs->orderedEuros, $costs->unpriced]);
        // 30 € by two, 24 € by one, 6 € and the 9 € of a revision that nobody has built by all three.
        self::assertEqualsWithDelta(['B1' => 20.0, 'B2' => 20.0, 'B3' => 29.0], $costs->shares, 1e-9);
        self::assertEqualsWithDelta($costs->orderedEuros, array_sum($costs->shares), 1e-9);
        self::assertSame(3.0, Ownership::hours(self::log()), '2.5 h and half an hour.');
    }

    public function testALineCostsItsOwnPartsAndAllOfThemNoMoreThanACopy(): void
    {
        $inspection = new Inspection(BenchDesk::demo('utility-room'));
        $costs = Ownership::of($inspection, new Log());
        self::assertSame([0.0, [], 0], [$costs->orderedEuros, $costs->shares, $costs->unpriced]);
        self::assertSame(array_keys($inspection->board->lines), array_keys($costs->lineEuros));
        self::assertGreaterThan(0.0, min([1.0, ...$costs->lineEuros]));
        self::assertLessThan($costs->partsEuros, array_sum($costs->lineEuros));
    }
}
