<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Pins;

use IronLatch\Core\Pins\SelectorLadder;
use PHPUnit\Framework\TestCase;

final class SelectorLadderTest extends TestCase
{
    /** Four positions: a wire, then 3.3 kΩ, 10 kΩ and 30 kΩ under 10 kΩ give 0, 1/4, 1/2 and 3/4 of the supply. */
    public function testFourPositionsByHand(): void
    {
        $ladder = SelectorLadder::for(4);
        self::assertSame([0.0, 3.3e3, 10e3, 30e3], array_column($ladder->positions, 'ohms'));
        self::assertEqualsWithDelta(0.5, $ladder->positions[2]['level']->typ, 1e-9);
        self::assertEqualsWithDelta(9.9 / (9.9 + 10.1), $ladder->positions[2]['level']->min, 1e-9);
        self::assertTrue($ladder->isReadable());
    }

    public function testLevelsRiseAndMorePositionsLeaveSmallerGaps(): void
    {
        $gaps = [];
        foreach (range(2, 12) as $positions) {
            $ladder = SelectorLadder::for($positions);
            $levels = array_map(static fn(array $one): float => $one['level']->typ, $ladder->positions);
            $sorted = $levels;
            sort($sorted);
            self::assertSame($sorted, $levels);
            self::assertCount($positions, array_unique($levels));
            $gaps[$positions] = $ladder->gap;
        }
        self::assertTrue(SelectorLadder::for(8)->isReadable());
        self::assertLessThan($gaps[4], $gaps[8]);
        self::assertLessThan($gaps[8], $gaps[12]);
    }

    public function testRefusesWhatIsNoSelector(): void
    {
        $this->expectExceptionMessage('2 to 12 positions');
        SelectorLadder::for(1);
    }
}
