<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;

/** A board while it is being worked out: edits are made one after the other, and what was decided for the maker is kept in words. */
final readonly class Drafting
{
    /**
     * @param list<Edit> $edits in the order in which they were made
     * @param list<string> $decided
     */
    public function __construct(public Board $board, public array $edits = [], public array $decided = []) {}

    /**
     * The same with an edit made; as it is where the edit is refused.
     *
     * @param string $decided what that decides for the maker; empty for what they asked for themselves
     */
    public function tried(Edit $edit, string $decided = ''): self
    {
        try {
            return $this->made($edit, $decided);
        } catch (EditRefused|\InvalidArgumentException) {
            return $this;
        }
    }

    /** The same with one more thing that was decided for the maker. */
    public function deciding(string $words): self
    {
        return new self($this->board, $this->edits, [...$this->decided, $words]);
    }

    /**
     * @throws EditRefused|\InvalidArgumentException
     */
    public function made(Edit $edit, string $decided = ''): self
    {
        return new self(
            $edit->apply($this->board),
            [...$this->edits, $edit],
            '' === $decided ? $this->decided : [...$this->decided, $decided],
        );
    }
}
