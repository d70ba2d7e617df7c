<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** What a sound copy reads: between what and what, and on whose word. */
final readonly class Expected
{
    /**
     * @param float $least SI; lowest that a sound copy reads
     * @param float $most the highest, without end where there is none
     * @param ?float $typical null where nothing in between is likelier
     * @param string $why how it follows
     */
    public function __construct(
        public Unit $unit,
        public float $least,
        public float $most,
        public ?float $typical = null,
        public string $why = '',
    ) {}

    /** Whether a reading lies within, the ends included; meters are read to three digits. */
    public function holds(float $value): bool
    {
        $slack = 1e-9 + 5e-4 * abs($value);

        return $value >= $this->least - $slack && $value <= $this->most + $slack;
    }

    /** “4.61 V, between 4.42 V and 4.79 V”. */
    public function words(): string
    {
        // A count is no ratio of anything.
        $print = fn(float $value): string => Unit::Ratio === $this->unit
            ? sprintf('%d', $value)
            : QuantityPrinter::rounded($value, $this->unit);
        $limits = match (true) {
            $this->least === $this->most => 'exactly ' . $print($this->least),
            INF === $this->most => 'at least ' . $print($this->least),
            0.0 === $this->least => 'at most ' . $print($this->most),
            default => sprintf('between %s and %s', $print($this->least), $print($this->most)),
        };

        return null === $this->typical || $this->least === $this->most ? $limits : sprintf('%s, %s', $print($this->typical), $limits);
    }
}
