<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\Spread;

/**
 * A step selector on one analogue pin: a pull-up to the pin's supply, and from the wiper to ground a resistor of its own for
 * each position. The levels are spread evenly below the open level, so that the gaps between neighbours are alike.
 */
final readonly class SelectorLadder
{
    public const PULL_UP_OHMS = 10e3;
    private const RESISTOR_TOLERANCE = 0.01;
    /** What converters of these chips are off by, as a share of their supply (common practice, from memory). */
    private const CONVERTER_SHARE = 0.03;

    /**
     * @param list<array{ohms: float, level: Spread}> $positions the resistor of each position and the share of the supply that it gives
     * @param float $gap the least distance between the bands of two neighbours, as a share of the supply; below 0 they overlap
     */
    private function __construct(public array $positions, public float $gap) {}

    /**
     * @throws \InvalidArgumentException for less than 2 or more than 12 positions
     */
    public static function for(int $positions): self
    {
        if ($positions < 2 || $positions > 12) {
            throw new \InvalidArgumentException('A selector ladder has 2 to 12 positions.');
        }
        $values = PreferredValues::e24Between(100.0, 1e6);
        $chosen = [];
        for ($position = 0; $position < $positions; ++$position) {
            // The first position is shorted to ground; the open contact between two positions is the level above the last.
            $share = $position / $positions;
            $ohms = 0.0;
            if ($share > 0) {
                $wanted = self::PULL_UP_OHMS * $share / (1 - $share);
                foreach ($values as $value) {
                    $ohms = 0.0 === $ohms || abs(log($value / $wanted)) < abs(log($ohms / $wanted)) ? $value : $ohms;
                }
            }
            $chosen[] = ['ohms' => $ohms, 'level' => self::level($ohms)];
        }
        $gap = 1.0;
        foreach ($chosen as $position => $one) {
            $above = $chosen[$position + 1]['level'] ?? Spread::exactly(1.0);
            $gap = min($gap, $above->min - $one['level']->max - 2 * self::CONVERTER_SHARE);
        }

        return new self($chosen, $gap);
    }

    private static function level(float $ohms): Spread
    {
        $share = static fn(float $r, float $up): float => $r / ($r + $up);
        $tolerance = self::RESISTOR_TOLERANCE;

        return new Spread(
            $share($ohms * (1 - $tolerance), self::PULL_UP_OHMS * (1 + $tolerance)),
            $share($ohms, self::PULL_UP_OHMS),
            $share($ohms * (1 + $tolerance), self::PULL_UP_OHMS * (1 - $tolerance)),
        );
    }

    /** Whether every position can be told from its neighbours at the worst corner. */
    public function isReadable(): bool
    {
        return $this->gap > 0;
    }
}
