<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** What was found at a step on one copy; earlier ones stay. */
final readonly class StepReading
{
    /**
     * @param string $value with its unit, as “5.03 V”; empty for what has none
     * @param string $at day
     * @param string $by who found it; empty for the maker
     */
    public function __construct(
        public string $step,
        public Outcome $outcome,
        public string $value = '',
        public string $at = '',
        public string $by = '',
        public string $note = '',
    ) {
        Day::checked($at, 'it was measured');
    }
}
