<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

/** The best seating that exists, or the reason why there is none. */
final readonly class SeatingSolution
{
    /**
     * @param array<string, string> $seats pin by function; only those that could be seated
     * @param list<string> $unseated functions without a pin
     * @param array<string, int> $tiers price in each tier of SeatingProblem
     * @param list<string> $conflict functions that cannot all be seated, while any of them left out lets the others sit; empty when all fit
     */
    public function __construct(
        public array $seats,
        public array $unseated,
        public array $tiers,
        public array $conflict,
    ) {}

    public function fits(): bool
    {
        return [] === $this->unseated;
    }
}
