<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Quantity\Figure;

/** A part that carries the sum of all lines, or of one: what it bears and what it carries. */
final readonly class SharedPart
{
    /**
     * @param string $id “inlet”, “lead”, “fuse”, “inner”, “terminal” or “track”
     * @param Figure $amps that it carries in the worst case
     * @param ?Figure $promised amperes when the program keeps what it promises; null while it promises nothing
     * @param ?Figure $bears null while nobody has said what it is
     * @param ?Figure $margin what it bears over what it carries
     */
    public function __construct(
        public string $id,
        public string $name,
        public Figure $amps,
        public ?Figure $promised,
        public ?Figure $bears,
        public ?Figure $margin,
    ) {}

    public function isOverloaded(): bool
    {
        return null !== $this->margin && $this->margin->value < 1;
    }

    /** Whether it is enough while the program keeps its promise. */
    public function isKeptByProgram(): bool
    {
        return null !== $this->promised && null !== $this->bears && $this->promised->value <= $this->bears->value;
    }
}
