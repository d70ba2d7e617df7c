<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** Lines that one act operates together. */
final readonly class LineGroup
{
    /**
     * @param list<string> $lines ids
     * @param list<string> $channels ids of the channels that know the group
     * @param bool $switchesOn it switches on as well as off
     */
    public function __construct(
        public LineGroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $lines,
        #[ListOf('string')]
        public array $channels = [],
        public bool $switchesOn = true,
    ) {
        if (count($lines) !== count(array_unique($lines))) {
            throw new \InvalidArgumentException(sprintf('The group “%s” names a line twice.', $name));
        }
    }

    /**
     * @param ?list<string> $lines
     * @param ?list<string> $channels
     */
    public function with(?string $name = null, ?array $lines = null, ?array $channels = null, ?bool $switchesOn = null): self
    {
        return Copy::said($this, get_defined_vars());
    }
}
