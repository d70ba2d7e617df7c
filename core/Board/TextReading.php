<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Copy;

/** How the program reads text commands; null for what nobody has said. */
final readonly class TextReading
{
    /**
     * @param ?LineEnding $ending
     * @param ?bool $ignoresCase capitals and small letters are the same to it
     * @param ?bool $trims blanks before and behind are left out
     */
    public function __construct(
        public ?LineEnding $ending = null,
        public ?bool $ignoresCase = null,
        public ?bool $trims = null,
    ) {}

    public function with(?LineEnding $ending = null, ?bool $ignoresCase = null, ?bool $trims = null): self
    {
        return Copy::said($this, get_defined_vars());
    }
}
