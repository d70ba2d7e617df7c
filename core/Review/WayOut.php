<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;

/** One change of a board after which every function is seated anew as well as it can be, with what it brings and costs. */
final readonly class WayOut
{
    /**
     * @param string $id by which it is asked for again
     * @param Board $board as it would be
     * @param int $unseated functions that find no pin all the same
     * @param int $hazard price of the seating in its first tier
     * @param float $price what the parts cost more than today, in euros, indicative
     * @param int $freePins pins that nothing sits on, neither strapped nor reserved
     */
    public function __construct(
        public string $id,
        public string $title,
        public Edit $edit,
        public Board $board,
        public Report $report,
        public int $unseated,
        public int $hazard,
        public float $price,
        public int $freePins,
    ) {}

    public function fits(): bool
    {
        return 0 === $this->unseated;
    }

    /** How many findings of a kind stand on their own. */
    public function count(Severity $kind): int
    {
        return count(array_filter(
            $this->report->findings,
            static fn(Finding $finding): bool => $finding->severity === $kind && null === $finding->root,
        ));
    }

    /**
     * @return array<string, int|float> lower is better, by what it is: what does not fit, then findings worst first, hazard, the price
     */
    public function rank(): array
    {
        return [
            'more without a pin' => $this->unseated,
            'more danger' => $this->count(Severity::Danger),
            'more broken' => $this->count(Severity::Broken),
            'more weak' => $this->count(Severity::Weak),
            'more hazard' => $this->hazard,
            'dearer' => $this->price,
        ];
    }

    /** What puts this way behind another, in words; empty where nothing does. */
    public function behind(self $better): string
    {
        $than = $better->rank();
        foreach ($this->rank() as $words => $value) {
            if ($value > $than[$words]) {
                return $words;
            }
            if ($value < $than[$words]) {
                return '';
            }
        }

        return '';
    }
}
