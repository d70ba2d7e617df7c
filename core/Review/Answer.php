<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Edit\Edit;

/** What would answer a question that a rule cannot do without: one field of an edit, and what of the board it is asked of. */
final readonly class Answer
{
    /**
     * @param class-string<Edit> $edit
     * @param string $of a line, relay, function, rail, group or channel; empty for the board
     */
    private function __construct(public string $edit, public string $field, public string $of) {}

    /**
     * @param class-string<Edit> $edit
     */
    public static function by(string $edit, string $field, string $of = ''): self
    {
        return new self($edit, $field, $of);
    }
}
