<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** Something that was taken without being told: the maker says whether it is so. */
final readonly class Doubt
{
    /**
     * @param string $kind “parts” or “pins”, as in the decisions
     * @param string $key what is settled
     * @param string $statement what was taken, and why
     * @param string $taken as it stands while nobody has settled it
     * @param list<string> $choices what else it can be
     */
    public function __construct(
        public string $kind,
        public string $key,
        public string $statement,
        public string $taken,
        public array $choices,
    ) {}
}
