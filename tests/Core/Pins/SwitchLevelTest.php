<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Pins\Seating;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Levels of an open contact, each worked out by hand: (V − 1 µA · R) ÷ (0.75 · V). */
final class SwitchLevelTest extends TestCase
{
    public function testThePullUpInTheChip(): void
    {
        $margin = $this->margin([new SeatFunction('F3', '33')]);
        self::assertEqualsWithDelta((3.3 - 0.045) / (0.75 * 3.3), $margin->nominal->value, 1e-9);
        self::assertEqualsWithDelta((3.2 - 0.080) / (0.75 * 3.2), $margin->worst->value, 1e-9);
        self::assertSame(MarginState::Sound, $margin->state());
    }

    public function testAResistorOutsideOnAnInputOnlyPin(): void
    {
        $margin = $this->margin([new SeatFunction('F3', '35'), new FitPull('F3', PullDirection::Up, 10e3)]);
        self::assertEqualsWithDelta((3.3 - 0.010) / (0.75 * 3.3), $margin->nominal->value, 1e-9);
    }

    public function testNothingAtAllIsBroken(): void
    {
        $margin = $this->margin([new SeatFunction('F3', '35')]);
        self::assertSame([0.0, MarginState::Broken], [$margin->nominal->value, $margin->state()]);
    }

    public function testAPullDownFightsThePullUpInTheChip(): void
    {
        // 45 kΩ up against 47 kΩ down: (3.3 V · 47 ÷ 92 − 1 µA · 23 kΩ) is far from 2.475 V.
        $margin = $this->margin([new SeatFunction('F3', '33'), new FitPull('F3', PullDirection::Down, 47e3)]);
        self::assertEqualsWithDelta((3.3 * 47 / 92 - 0.02299) / 2.475, $margin->nominal->value, 1e-4);
        self::assertSame(MarginState::Broken, $margin->state());
    }

    public function testAReceiverDrivesItsPinHighAtRest(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new AddSurface('L1', SurfaceKind::InfraredKey), new SeatFunction('F6', '35'));
        $margin = Seating::of($board)->contacts['F6'];
        self::assertEqualsWithDelta((3.3 - 0.030) / (0.75 * 3.3), $margin->nominal->value, 1e-9);
    }

    /**
     * @param list<\IronLatch\Core\Board\Edit\Edit> $edits
     */
    private function margin(array $edits): Margin
    {
        $board = TestBoards::edited(TestBoards::sound(), ...$edits);

        return Seating::of($board)->contacts['F3'];
    }
}
