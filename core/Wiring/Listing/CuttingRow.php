<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Wiring\Colour;
use IronLatch\Core\Wiring\Wire;

/** Wires of one colour and size. */
final readonly class CuttingRow
{
    /**
     * @param ?float $squareMetres null while nobody has said it
     * @param list<string> $wires their numbers
     * @param float $metres of those whose length is known
     * @param list<string> $unmeasured numbers of the others
     */
    public function __construct(
        public Colour $colour,
        public ?float $squareMetres,
        public array $wires,
        public float $metres,
        public array $unmeasured,
    ) {}

    public function with(Wire $wire): self
    {
        return new self(
            $this->colour,
            $this->squareMetres,
            [...$this->wires, $wire->number],
            $this->metres + ($wire->metres ?? 0.0),
            null === $wire->metres ? [...$this->unmeasured, $wire->number] : $this->unmeasured,
        );
    }
}
