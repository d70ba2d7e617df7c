<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** What one input asks, and of whom. */
final readonly class Act
{
    /**
     * @param string $target id of a line, or of a group of lines
     * @param string $surface id of the surface or key that it comes from
     * @param int $value the step or the percentage, where the wish has one
     */
    public function __construct(
        public string $target,
        public Wish $wish,
        public Presence $presence,
        public string $surface,
        public int $value = 0,
    ) {}

    public function isOnGroup(): bool
    {
        return str_starts_with($this->target, 'K');
    }

    public function saying(Wish $wish, int $value = 0): self
    {
        return new self($this->target, $wish, $this->presence, $this->surface, $value);
    }
}
