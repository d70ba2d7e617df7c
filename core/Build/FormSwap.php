<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Build\Fit\Outline;

/** What a form of build puts in place of parts that are on the board. */
final readonly class FormSwap
{
    /**
     * @param list<string> $gone designators of parts that are not bought then
     * @param int $pieces bought in their place
     * @param int $kinds of them
     * @param int $joints of them, made by hand
     * @param list<string> $words what is swapped
     * @param array<string, Outline> $outlines of what is bought
     */
    public function __construct(
        public array $gone = [],
        public int $pieces = 0,
        public int $kinds = 0,
        public float $euros = 0.0,
        public int $joints = 0,
        public array $words = [],
        public array $outlines = [],
    ) {}

    public function and(self $other): self
    {
        return new self(
            [...$this->gone, ...$other->gone],
            $this->pieces + $other->pieces,
            $this->kinds + $other->kinds,
            $this->euros + $other->euros,
            $this->joints + $other->joints,
            [...$this->words, ...$other->words],
            [...$this->outlines, ...$other->outlines],
        );
    }
}
