<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** What came of one cell, and how long it took. */
final readonly class TrialResult
{
    /**
     * @param string $words what was wrong; empty where nothing was
     * @param ?float $seconds from the act to the appliance, the slowest; null where nothing acted
     */
    public function __construct(public TrialCell $cell, public TrialVerdict $verdict, public string $words, public ?float $seconds) {}
}
