<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** One column of the control map: all that reaches lines by the same way. */
final readonly class Column
{
    /**
     * @param string $id of a channel or a receiver; “hand”, “own” or “light” for what the board has by itself
     * @param list<Need> $needs
     * @param ?SurfaceProfile $profile of a channel
     * @param int $capacity entries that it takes; 0 for no limit
     */
    public function __construct(
        public string $id,
        public string $title,
        public Direction $direction,
        public array $needs,
        public ?SurfaceProfile $profile = null,
        public int $capacity = 0,
    ) {}

    public function worksWithout(Need $lost): bool
    {
        return [] === array_filter($this->needs, static fn(Need $need): bool => $need->isGoneWith($lost));
    }
}
