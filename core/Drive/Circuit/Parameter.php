<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** One value of a circuit that differs from copy to copy. */
final readonly class Parameter
{
    /**
     * @param int $helps 1 when a greater value helps the coil to pull in, −1 when it hinders
     * @param ?Warmth $warmth how it follows the temperature; null where it does not
     */
    public function __construct(
        public string $label,
        public Spread $spread,
        public Unit $unit,
        public int $helps,
        public ?Warmth $warmth = null,
    ) {}

    /** The end of the spread that hurts pulling in. */
    public function worst(): float
    {
        return $this->helps > 0 ? $this->spread->min : $this->spread->max;
    }

    /** The end that helps pulling in, at a temperature. */
    public function best(float $celsius = Warmth::REFERENCE_CELSIUS): float
    {
        $end = $this->helps > 0 ? $this->spread->max : $this->spread->min;

        return $this->warmth?->at($end, $celsius) ?? $end;
    }
}
