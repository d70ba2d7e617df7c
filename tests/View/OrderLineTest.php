<?php

declare(strict_types=1);

namespace IronLatch\Tests\View;

use IronLatch\Core\Log\Order;
use IronLatch\View\OrderLine;
use PHPUnit\Framework\TestCase;

/** Orders on one line of days. */
final class OrderLineTest extends TestCase
{
    public function testWhatCameEndsOnItsDayAndWhatIsAwaitedToday(): void
    {
        $line = OrderLine::of([
            'O1' => new Order('a', ordered: '2026-02-01', expected: '2026-02-06', arrived: '2026-02-11'),
            'O2' => new Order('b', ordered: '2026-02-16'),
            'O3' => new Order('c'),
        ], '2026-02-21');
        self::assertEqualsWithDelta(['O1' => [0.0, 0.5, 0.25], 'O2' => [0.75, 1.0, null]], $line->bars ?? [], 1e-9);
        self::assertSame(['2026-02-01', '2026-02-21'], [$line?->first, $line?->last]);
    }

    public function testOneDayIsNoFault(): void
    {
        self::assertNull(OrderLine::of(['O1' => new Order('a')], '2026-02-21'));
        $line = OrderLine::of(['O1' => new Order('a', ordered: '2026-02-21', arrived: '2026-02-21')], '2027-01-01');
        self::assertSame([0.0, 0.0, null], $line->bars['O1'] ?? null);
        self::assertSame('2026-02-21', $line?->last, 'All of it came: today is nothing to it.');
    }
}
