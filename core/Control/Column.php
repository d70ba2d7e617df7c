<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** One column of the control map: all that reaches lines by the same way. */
final readonly class Column
{
    /**
     * @param string $id of a channel or a receiver; “hand”, “own” or “light” for what the board has by itself
     * @param Direction $direction of all hops together
     * @param ?SurfaceProfile $profile of a channel
     * @param int $capacity entries that it takes; 0 for no limit
     */
    public function __construct(
        public string $id,
        public string $title,
        public Direction $direction,
        public ?SurfaceProfile $profile = null,
        public int $capacity = 0,
    ) {}

    public static function ofRoute(Route $route): self
    {
        $first = $route->hops[0];

        return new self(
            $first->id,
            $first->channel->name,
            $route->direction(),
            $first->profile,
            $first->channel->tier->entries ?? $first->profile->capacity,
        );
    }
}
