<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Edit\Edit;

/** One thing that a board and a program in use say differently. */
final readonly class Difference
{
    /**
     * @param string $name of the constant
     * @param string $written as it was called in the text
     * @param ?string $here what the board says; null when it knows no such thing
     * @param ?string $there what the text says; null when it says nothing of it
     * @param int $line of the text, from 1; 0 when it is not there
     * @param ?Edit $edit that makes the board say what the text says; null where that cannot be
     */
    public function __construct(
        public string $name,
        public string $written,
        public ?string $here,
        public ?string $there,
        public int $line,
        public ?Edit $edit,
    ) {}

    /** What to write in the program for it to say what the board says. */
    public function forProgram(): string
    {
        return $this->name . ' = ' . $this->here;
    }
}
