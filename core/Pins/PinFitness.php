<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Catalogue\Pin;

/** How well one function sits on one pin, and why. */
final readonly class PinFitness
{
    /**
     * @param int $cost for ranking: lower is better
     * @param list<string> $reasons worst first
     * @param list<string> $takenBy ids of other functions on the pin
     */
    public function __construct(
        public Pin $pin,
        public FitGrade $grade,
        public int $cost,
        public array $reasons,
        public array $takenBy,
    ) {}

    public function isFree(): bool
    {
        return [] === $this->takenBy;
    }
}
