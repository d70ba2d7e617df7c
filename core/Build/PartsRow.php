<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Wiring\DeviceKind;

/** Parts that are alike, bought together. */
final readonly class PartsRow
{
    /**
     * @param string $what in a few words
     * @param non-empty-list<string> $designators in their order
     * @param ?string $part part id; null for what is no part of the catalogue
     * @param ?float $euros what one costs; null while nobody has said it
     * @param list<string> $notes small parts beside it, and what to mind, each once
     */
    public function __construct(
        public DeviceKind $kind,
        public string $what,
        public array $designators,
        public ?string $part,
        public ?float $euros,
        public array $notes = [],
    ) {}

    /** Together with others that are alike. */
    public function with(self $other): self
    {
        $designators = [...$this->designators, ...$other->designators];
        sort($designators, SORT_NATURAL);
        $notes = array_values(array_unique([...$this->notes, ...$other->notes]));

        return new self($this->kind, $this->what, $designators, $this->part, $this->euros, $notes);
    }

    /** Of all of them. */
    public function sumEuros(): ?float
    {
        return null === $this->euros ? null : $this->euros * count($this->designators);
    }
}
