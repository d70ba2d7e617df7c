<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** A computed value together with its working: how it follows from what, at which corner, and on whose word. */
final readonly class Figure
{
    /**
     * @param string $label what it is, such as "base current"
     * @param float $value in the unit's SI form
     * @param string $formula as a maker would write it: "(V_OH − V_BE) ÷ R_B"
     * @param list<string> $inputs the figures that went in, printed: "R_B = 470 Ω"
     * @param string $corner at which corner of the tolerances
     */
    public function __construct(
        public string $label,
        public float $value,
        public Unit $unit,
        public string $formula,
        public array $inputs,
        public string $corner,
        public string $source,
    ) {}

    public function printed(): string
    {
        return QuantityPrinter::rounded($this->value, $this->unit);
    }
}
