<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Log\OverCopies;

/** The readings of all copies at one step, on one line with their limits; places from 0 to 1. */
final readonly class SpreadPlot
{
    /** So much of the line lies beyond the limits on either side. */
    private const BEYOND = 0.2;

    /**
     * @param ?array{float, float} $band from the least to the most
     * @param array<string, float> $places by copy
     */
    private function __construct(public OverCopies $over, public ?array $band, public array $places) {}

    public static function of(OverCopies $over): self
    {
        $expected = $over->step->expected;
        if (null === $expected || [] === $over->values) {
            return new self($over, null, []);
        }
        $most = is_finite($expected->most) ? $expected->most : max([...$over->values, $expected->least]);
        $low = min([$expected->least, ...$over->values]);
        $high = max([$most, ...$over->values]);
        $width = max($high - $low, 1e-12);
        $place = static fn(float $value): float => self::BEYOND / 2 + (1 - self::BEYOND) * ($value - $low) / $width;

        return new self(
            $over,
            [$place($expected->least), is_finite($expected->most) ? $place($most) : 1.0],
            array_map($place, $over->values),
        );
    }
}
