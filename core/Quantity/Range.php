<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** Between which values a quantity makes sense. */
final readonly class Range
{
    /** Smaller than this and not zero, a value is a slip of the prefix: nothing on a board is. */
    private const LEAST_MAGNITUDE = 1e-15;

    /**
     * @param string $hint what to do about a value outside, as a sentence
     */
    public function __construct(public float $least, public float $most, public bool $aboveLeast = false, public string $hint = '') {}

    /**
     * What can be at all, whatever is measured: wide enough for every part and board, too narrow for a slip of several prefixes.
     *
     * In one piece: a table.
     */
    public static function of(Unit $unit): self
    {
        return match ($unit) {
            Unit::Volt => new self(-1e3, 1e5),
            Unit::Ampere => new self(0.0, 1e5),
            Unit::Ohm => new self(0.0, 1e10),
            Unit::Watt => new self(0.0, 1e6),
            Unit::Farad => new self(0.0, 10.0),
            Unit::Henry => new self(0.0, 1e3),
            Unit::Metre => new self(-500.0, 1e5),
            Unit::SquareMetre => new self(0.0, 1e-2),
            Unit::CubicMetre => new self(0.0, 10.0),
            Unit::Second => new self(0.0, 1e8),
            Unit::Hertz => new self(0.0, 1e10),
            Unit::Celsius => new self(-60.0, 250.0),
            Unit::Ratio => new self(0.0, 1e6),
            Unit::Percent => new self(-100.0, 1000.0),
            Unit::Euro => new self(0.0, 1e6),
            Unit::KelvinPerWatt => new self(0.0, 1e4),
            Unit::AmpereHour => new self(0.0, 1e5),
            Unit::WattHour => new self(0.0, 1e8),
            Unit::Hour => new self(0.0, 1e5),
        };
    }

    public function holds(float $value): bool
    {
        return $value <= $this->most && ($this->aboveLeast ? $value > $this->least : $value >= $this->least)
            && (0.0 === $value || abs($value) >= self::LEAST_MAGNITUDE);
    }

    /** @param string $written the value that is refused */
    public function refusal(string $written, Unit $unit): string
    {
        return trim(sprintf('“%s” is not possible here: a value lies %s. %s', $written, $this->said($unit), $this->hint));
    }

    /** “from 0 Ω to 10 GΩ”, “above 0 Ω, up to 10 GΩ”. */
    public function said(Unit $unit): string
    {
        return sprintf(
            $this->aboveLeast ? 'above %s, up to %s' : 'from %s to %s',
            QuantityPrinter::rounded($this->least, $unit),
            QuantityPrinter::rounded($this->most, $unit),
        );
    }
}
