<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Catalogue\MainsFuse;

/** Which fuses are fit to stand behind an inlet at all. */
final class InletFuses
{
    /** What a fuse within reach of outlets has to interrupt (common practice, from memory). */
    private const BREAKS_AMPS = 1500.0;

    /**
     * @param array<MainsFuse> $fuses
     * @return list<MainsFuse> that break a short circuit and bear inrush, the smallest first
     */
    public static function of(array $fuses): array
    {
        $fit = array_values(array_filter(
            $fuses,
            static fn(MainsFuse $fuse): bool => $fuse->timeLag && $fuse->breakingAmps >= self::BREAKS_AMPS,
        ));
        usort($fit, static fn(MainsFuse $a, MainsFuse $b): int => $a->ratedAmps <=> $b->ratedAmps);

        return $fit;
    }
}
