<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** What one line takes from the sources while it is on. */
final readonly class LineCost
{
    /**
     * @param float $watts at the sources’ outputs, typical
     * @param float $inputWatts at the mains or out of the battery, the sources’ losses included
     * @param ?float $hours on each day; null while nothing is said of it
     */
    public function __construct(public float $watts, public float $inputWatts, public ?float $hours) {}
}
