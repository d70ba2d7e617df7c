<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\Range;
use IronLatch\Core\Quantity\Unit;

/** The unit in which a float, a Spread or a Fact of a float is written, and between which values it makes sense. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Measured
{
    /**
     * @param ?float $least in SI; null for the least that can be of this unit
     * @param ?float $most in SI; null for the most that can be
     * @param bool $above the least itself, or nothing, is impossible
     * @param string $hint what to do about a value outside, as a sentence
     */
    public function __construct(
        public Unit $unit,
        public ?float $least = null,
        public ?float $most = null,
        public bool $above = false,
        public string $hint = '',
    ) {}

    public function range(): Range
    {
        $possible = Range::of($this->unit);

        return new Range(
            $this->least ?? ($this->above ? max(0.0, $possible->least) : $possible->least),
            $this->most ?? $possible->most,
            $this->above,
            $this->hint,
        );
    }
}
