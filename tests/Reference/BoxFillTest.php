<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Build\Fit\BoxFill;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Volumes of NEC tables 314.16(A) and (B), from memory: conductors and marked boxes, in cubic inches of 16.387 cm³. */
final class BoxFillTest extends TestCase
{
    /** @param float $squareMillimetres of the gauge: 0.127 mm · 92^((36 − n)/39) across */
    #[TestWith([0.823, 1.5])]
    #[TestWith([1.31, 1.75])]
    #[TestWith([2.08, 2.0])]
    #[TestWith([3.31, 2.25])]
    #[TestWith([5.26, 2.5])]
    #[TestWith([8.37, 3.0])]
    #[TestWith([13.3, 5.0])]
    public function testAConductorTakesItsVolume(float $squareMillimetres, float $cubicInches): void
    {
        self::assertEqualsWithDelta($cubicInches * 16.387064e-6, BoxFill::conductor($squareMillimetres * 1e-6), 1e-10);
        self::assertNull(BoxFill::conductor(13.5e-6), 'Beyond 6 AWG nothing is said.');
    }

    #[TestWith(['device-box-3-2-2-5', 12.5])]
    #[TestWith(['device-box-3-2-2-75', 14.0])]
    #[TestWith(['device-box-3-2-3-5', 18.0])]
    public function testMarkedBoxes(string $id, float $cubicInches): void
    {
        $box = TestBoards::part($id, Enclosure::class);
        self::assertEqualsWithDelta($cubicInches * 16.387, 1e6 * (float) $box->fillCubicMetres, 0.01);
        self::assertEqualsWithDelta(3 * 25.4, 1000 * $box->size->lengthMetres, 0.1);
    }

    /**
     * Two lines fed through the box, each with two conductors and one of them with earth, and the cable that feeds it: six conductors, two
     * earths, clamps inside. Counted by hand: (6 + 1 + 1) × 1.75 in³.
     */
    public function testConductorsClampsAndEarthsAreCounted(): void
    {
        $board = TestBoards::edited(
            Starts::built(BuildForm::CarrierBoard),
            new ChooseEnclosure(TestBoards::part('device-box-3-2-3-5', Enclosure::class)),
        );
        $fill = BoxFill::of($board, Connections::of($board), []);
        self::assertNotNull($fill);
        self::assertSame([6, 2], [$fill->conductors, $fill->earths]);
        self::assertEqualsWithDelta((6 + 1 + 1) * 1.75 * 16.387064e-6, $fill->wiresCubicMetres(), 1e-10);
        self::assertSame($fill->wiresCubicMetres(), $fill->neededCubicMetres(), 'Without parts.');
        // The largest counts for all: 1.5 mm² is no more than 14 AWG.
        $thick = TestBoards::edited($board, new StateBox(leadSquareMetres: 1.5e-6));
        self::assertEqualsWithDelta(2.0 * 16.387064e-6, BoxFill::of($thick, Connections::of($thick), [])->eachCubicMetres ?? 0.0, 1e-10);
        $plastic = Starts::built(BuildForm::CarrierBoard);
        self::assertNull(BoxFill::of($plastic, Connections::of($plastic), []), 'It bears no mark.');
    }
}
