<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Program\Kept;

/** One thing that happens to a program. */
final readonly class ProgramEvent
{
    /**
     * @param string $kind start, contact, ladder, edge, message, linked, sensor, sense, time
     * @param string $what id of a function, a knob or a channel
     * @param int $number a seed, a position, milliseconds of the week
     * @param ?float $reading of a sensor; null when it says nothing
     * @param ?Kept $kept what a start finds
     */
    public function __construct(
        public string $kind,
        public int $micros,
        public string $what = '',
        public bool $on = false,
        public int $number = 0,
        public ?float $reading = null,
        public string $to = '',
        public string $says = '',
        public ?Kept $kept = null,
    ) {}
}
