<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

/** How much of a large property is tried: a sample in every test run, all of it by the command that stands in bin/test. */
final class Sample
{
    public static function size(int $sample, int $full): int
    {
        return 'full' === getenv('IRON_LATCH_PROPERTIES') ? $full : $sample;
    }
}
