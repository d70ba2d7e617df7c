<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

/** Parts that are alike, bought together. */
final readonly class PartsRow
{
    /**
     * @param string $kind in a word or two
     * @param string $what in a few words
     * @param list<string> $designators in their order; empty for what bears none, such as screws
     * @param ?string $part part id; null for what is no part of the catalogue
     * @param ?Price $price what one costs; null while nobody has said it
     * @param list<string> $notes small parts beside it, and what to mind, each once
     * @param float $count pieces, or metres
     * @param string $unit what is counted: empty for pieces, “m”
     * @param ?Rating $rating what it must bear beside what it bears; the most demanding of them
     */
    public function __construct(
        public string $kind,
        public string $what,
        public array $designators,
        public ?string $part,
        public ?Price $price,
        public array $notes = [],
        public float $count = 1.0,
        public string $unit = '',
        public string $package = '',
        public string $side = '',
        public FittedBy $fittedBy = FittedBy::Hand,
        public ?Rating $rating = null,
    ) {}

    /** Together with others that are alike. */
    public function with(self $other): self
    {
        $designators = [...$this->designators, ...$other->designators];
        sort($designators, SORT_NATURAL);

        return new self(
            $this->kind,
            $this->what,
            $designators,
            $this->part,
            $this->price,
            array_values(array_unique([...$this->notes, ...$other->notes])),
            $this->count + $other->count,
            $this->unit,
            $this->package,
            $this->side,
            $this->fittedBy,
            Rating::harder($this->rating, $other->rating),
        );
    }

    /** Of all of them. */
    public function sumEuros(): ?float
    {
        return null === $this->price ? null : $this->price->euros * $this->count;
    }

    /** “8”, “3.6 m”. */
    public function counted(): string
    {
        return '' === $this->unit ? sprintf('%d', $this->count) : sprintf('%.1f %s', $this->count, $this->unit);
    }
}
