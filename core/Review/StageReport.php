<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** One stage after an inspection. */
final readonly class StageReport
{
    /**
     * @param ?Kind $worst the worst kind that counts
     * @param int $count how many findings of that kind count
     * @param int $accepted findings that the maker lets stand
     * @param list<string> $missingChecks checks of this stage that the rule book does not hold yet
     */
    public function __construct(
        public Stage $stage,
        public LatchState $state,
        public ?Kind $worst,
        public int $count,
        public int $accepted,
        public int $notChecked,
        public array $missingChecks,
    ) {}
}
