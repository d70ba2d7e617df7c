<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Quantity;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Unit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FigureTest extends TestCase
{
    /** What there is and what is wanted never look alike while one is short of the other. */
    #[TestWith([4.2, 4.55, '4.2 V', '4.55 V'])]
    #[TestWith([4.5462, 4.5501, '4.546 V', '4.55 V'])]
    #[TestWith([4.55012, 4.55014, '4.5501 V', '4.5501 V'], 'closer than anybody measures')]
    #[TestWith([4.55, 4.55, '4.55 V', '4.55 V'])]
    public function testTwoNumbersThatDecideDiffer(float $has, float $needs, string $printedHas, string $printedNeeds): void
    {
        $figure = (new Figure('share', $has / $needs, Unit::Ratio, 'a ÷ b', [], 'corner', 'source'))->outOf($has, $needs, Unit::Volt);
        self::assertSame([$printedHas, $printedNeeds], [$figure->has(), $figure->needs()]);
    }
}
