<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\ListOf;

/** A moment of the board’s life that its maker wants to see: which lines are on, and whether the radio sends. */
final readonly class PowerScenario
{
    /**
     * @param list<string> $lines ids of the lines that are on
     */
    public function __construct(
        public string $name,
        #[ListOf('string')]
        public array $lines,
        public bool $radioSends,
    ) {}
}
