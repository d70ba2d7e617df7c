<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Gives out the ids of one edit: short, per kind, counted on from the board’s counters, never given twice. */
final class Ids
{
    /** @var array<string, int> */
    private array $last;

    public function __construct(Board $board)
    {
        $this->last = $board->lastIds;
    }

    public function next(string $kind): string
    {
        $this->last[$kind] = ($this->last[$kind] ?? 0) + 1;

        return $kind . $this->last[$kind];
    }

    /**
     * @return array<string, int> the counters for the edited board
     */
    public function last(): array
    {
        ksort($this->last);

        return $this->last;
    }
}
