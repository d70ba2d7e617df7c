<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Review\TrialNote;

/** A whole trial, or as much of it as is done. */
final readonly class TrialReport
{
    /**
     * @param list<TrialResult> $results in the order of the cells
     * @param list<string> $gaps what nobody has said, so that something was not tried
     * @param list<string> $assumed what the program keeps to though nobody has said so
     */
    public function __construct(public array $results, public int $cells, public array $gaps, public array $assumed) {}

    public function isWhole(): bool
    {
        return count($this->results) === $this->cells;
    }

    /**
     * @return list<TrialResult>
     */
    public function failures(): array
    {
        return array_values(array_filter($this->results, static fn(TrialResult $one): bool => $one->verdict->fails()));
    }

    /** The same for the report of the board. */
    public function note(): TrialNote
    {
        return new TrialNote(count($this->results), count($this->failures()), count($this->gaps));
    }

    public function passes(): bool
    {
        return $this->isWhole() && [] === $this->failures();
    }
}
