<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** A computed value together with its working: how it follows from what, at which corner, and on whose word. */
final readonly class Figure
{
    private const MOST_DIGITS = 5;

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
        private string $has = '',
        private string $needs = '',
    ) {}

    /** A ratio together with what it is made of: what there is, and what is wanted. */
    public function outOf(float $has, float $needs, Unit $unit): self
    {
        // Two numbers that decide are never printed alike.
        $digits = 3;
        while (
            $digits < self::MOST_DIGITS
            && $has !== $needs
            && QuantityPrinter::rounded($has, $unit, $digits) === QuantityPrinter::rounded($needs, $unit, $digits)
        ) {
            ++$digits;
        }

        return new self(
            $this->label,
            $this->value,
            $this->unit,
            $this->formula,
            $this->inputs,
            $this->corner,
            $this->source,
            QuantityPrinter::rounded($has, $unit, $digits),
            QuantityPrinter::rounded($needs, $unit, $digits),
        );
    }

    /** What there is, printed; a ratio by itself where nothing else is known of it. */
    public function has(): string
    {
        return '' === $this->has ? $this->printed() : $this->has;
    }

    /** What is wanted, printed. */
    public function needs(): string
    {
        return $this->needs;
    }

    /** The figure with what it follows from: “8.66 A (1 mm², k = 0.87 in air of 40 °C)”. */
    public function printedWhy(): string
    {
        return $this->printed() . ([] === $this->inputs ? '' : sprintf(' (%s)', implode(', ', $this->inputs)));
    }

    public function printed(): string
    {
        return QuantityPrinter::rounded($this->value, $this->unit);
    }
}
