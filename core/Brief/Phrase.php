<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

/** A piece of a sentence, and what was understood of it. */
final readonly class Phrase
{
    /**
     * @param int $at where it begins in the sentence, in characters
     * @param string $text as it was written
     * @param ?string $read what it was taken for, in words; null where nothing was understood
     */
    public function __construct(public int $at, public string $text, public ?string $read) {}
}
