<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** One thing that happened, when, and what it followed from. */
final readonly class Happening
{
    /**
     * @param int $id counted from 1
     * @param int $micros from the beginning of the run
     * @param string $subject id on the board: of a function, relay, line, surface, rail, channel; empty for the board as a whole
     * @param string $value what it is now, in a word or a number
     * @param string $words as a sentence
     * @param int $cause id of what it followed from; 0 for the hand of the script
     */
    public function __construct(
        public int $id,
        public int $micros,
        public Happens $kind,
        public string $subject,
        public string $value,
        public string $words,
        public int $cause,
    ) {}
}
