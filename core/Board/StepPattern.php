<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\ListOf;

/** The relays that are closed together in one step of a motor. */
final readonly class StepPattern
{
    /**
     * @param list<string> $relays ids of their output functions
     */
    public function __construct(
        #[ListOf('string')]
        public array $relays,
    ) {
        if ([] === $relays || count($relays) !== count(array_unique($relays))) {
            throw new \InvalidArgumentException('A step closes at least one relay, and each only once.');
        }
    }
}
