<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

/** The planted faults of one rule, at least one, in a class that is named after it. */
interface PlantedFaults
{
    /**
     * @return iterable<string, Planted> by a name that no other rule uses
     */
    public static function all(): iterable;
}
