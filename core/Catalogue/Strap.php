<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The level that reset needs on a pin, and what follows when it is not there. */
final readonly class Strap
{
    /**
     * @param string $otherwise what happens at the wrong level, as a clause: 'the chip enters download mode'
     */
    public function __construct(
        public Level $needs,
        public StrapConsequence $consequence,
        public string $otherwise,
    ) {}
}
