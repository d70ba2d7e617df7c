<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Sequence;

/** What a changed brief makes of a board, shown before it is made: what is new, changed and gone, and what has to move. */
final readonly class Redraft
{
    /**
     * @param Sequence $edit all of it
     * @param list<string> $done in words, in the order of their making
     * @param array<string, string> $moved functions that have to leave their pin, by id, in words
     * @param list<string> $asks of the brief, which it asks for and this does not bring about by itself
     */
    public function __construct(
        public Board $before,
        public Board $after,
        public Sequence $edit,
        public array $done,
        public array $moved,
        public array $asks,
    ) {}

    public function isNothing(): bool
    {
        return [] === $this->done && [] === $this->asks;
    }

    /** How many seats stay as they were. */
    public function seatsKept(): int
    {
        return count(array_filter(
            $this->before->seats,
            fn($seat, string $function): bool => ($this->after->seats[$function]->pin ?? null) === $seat->pin,
            ARRAY_FILTER_USE_BOTH,
        ));
    }
}
