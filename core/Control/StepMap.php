<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/**
 * From a percentage to the step of a fan: rounded, so that the top step is reached before 100 %; nothing but 0 is off.
 */
final class StepMap
{
    /** 0 for off, else 1 to the number of steps. */
    public static function step(float $percent, int $steps): int
    {
        return $percent <= 0 ? 0 : max(1, min($steps, (int) round($percent / 100 * $steps)));
    }

    /** What a step stands for when it is told back, in percent. */
    public static function percent(int $step, int $steps): float
    {
        return 100.0 * max(0, min($steps, $step)) / max(1, $steps);
    }

    /**
     * The whole percentages that lead to each step.
     *
     * @return array<int, array{int, int}> least and greatest percentage by step, 0 for off
     */
    public static function ranges(int $steps): array
    {
        $ranges = [];
        for ($percent = 0; $percent <= 100; ++$percent) {
            $step = self::step($percent, $steps);
            $ranges[$step] = [$ranges[$step][0] ?? $percent, $percent];
        }

        return $ranges;
    }
}
