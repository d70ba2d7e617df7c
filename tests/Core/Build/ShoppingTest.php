<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Build\Drawer;
use IronLatch\Core\Build\Purchase;
use IronLatch\Core\Build\Shopping;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Core\Review\Starts;
use PHPUnit\Framework\TestCase;

/** What is to be bought for several copies, with spares, without what is there. */
final class ShoppingTest extends TestCase
{
    public function testSparesDrawerAndCopiesAreCounted(): void
    {
        $board = (new StateBuild(copies: 3))->apply(Starts::built(BuildForm::CarrierBoard));
        $list = (new Inspection($board))->partsList();
        $shopping = Shopping::of($board, $list, new Drawer(['10 kω' => 4.0, 'reinforced-5v' => 100.0, '470 ω' => 1.0]));
        $of = static function (string $what) use ($shopping): Purchase {
            foreach ($shopping->purchases as $one) {
                if ($one->row->what === $what) {
                    return $one;
                }
            }
            self::fail($what . ' is not bought.');
        };
        self::assertSame(3, $shopping->copies);
        // Two on each board, six in all; two spare at the least; one lies in the drawer.
        self::assertSame([6.0, 1.0, 2.0, 7.0], self::numbers($of('470 Ω')));
        self::assertEqualsWithDelta(7 * 0.02, $of('470 Ω')->euros(), 1e-12);
        self::assertSame([6.0, 4.0, 2.0, 4.0], self::numbers($of('10 kΩ')));
        self::assertSame([6.0, 6.0, 0.0, 0.0], self::numbers($of('Relay 5 V, 0.4 W, 16 A, stated reinforced')));
        // Five boards are made at the least; shipping is paid once.
        self::assertSame([5.0, 0.0, 0.0, 5.0], self::numbers($of('etched board')));
        self::assertSame([5, 15.0], [$shopping->boards, $shopping->orderEuros]);
        $sum = array_sum(array_map(static fn(Purchase $one): float => $one->euros() ?? 0.0, $shopping->purchases));
        self::assertEqualsWithDelta($sum + 15.0, $shopping->euros(), 1e-9);
        $many = (new StateBuild(copies: 30))->apply($board);
        $fifty = Shopping::of($many, (new Inspection($many))->partsList());
        self::assertSame(30, $fifty->boards);
        foreach ($fifty->purchases as $one) {
            if ('470 Ω' === $one->row->what) {
                self::assertSame([60.0, 0.0, 6.0, 66.0], self::numbers($one), 'One in ten.');
            }
        }
        $wired = (new StateBuild(form: BuildForm::HandWired))->apply($board);
        self::assertSame([0, 0.0], [Shopping::of($wired, $list)->boards, Shopping::of($wired, $list)->orderEuros]);
    }

    /** @return array{float, float, float, float} needed, there, spare, to buy */
    private static function numbers(Purchase $one): array
    {
        return [$one->needed, $one->there, $one->spare, $one->toBuy()];
    }
}
