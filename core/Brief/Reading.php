<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;

/** A sentence as it was read: the brief, and each piece of it with what it was taken for. */
final readonly class Reading
{
    /**
     * @param list<Phrase> $phrases in the order of the sentence
     */
    public function __construct(public Brief $brief, public array $phrases) {}
}
