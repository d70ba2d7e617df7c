<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\MapOf;

/** Lays the whole plan out: places not named are given up. */
final readonly class PlaceParts implements Edit
{
    /**
     * @param array<string, PlacedAt> $places by designator
     */
    public function __construct(
        #[MapOf(PlacedAt::class, '^[A-Z][0-9]{2,8}$')]
        public array $places,
    ) {}

    public function apply(Board $board): Board
    {
        $places = $this->places;
        ksort($places);

        return $board->with(build: Copy::of($board->build, ['places' => $places]));
    }

    public function summary(Board $board): string
    {
        return [] === $this->places ? 'Take everything off the plan' : sprintf('Place %d parts', count($this->places));
    }
}
