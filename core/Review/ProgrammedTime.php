<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** A time that the program keeps, as the maker states it, beside the least that is good practice. */
final class ProgrammedTime
{
    public static function atLeast(string $label, float $seconds, float $leastSeconds): Figure
    {
        return new Figure(
            $label,
            $seconds,
            Unit::Second,
            'as stated',
            ['at least ' . QuantityPrinter::rounded($leastSeconds, Unit::Second)],
            'as programmed',
            'common practice',
        );
    }
}
