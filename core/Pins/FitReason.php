<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

/** One thing that speaks against a function on a pin. */
final readonly class FitReason
{
    /**
     * @param FitTier $tier how serious it is
     * @param int $weight within its tier: more is worse; 0 where nothing can be weighed
     * @param string $words as a clause
     */
    public function __construct(public FitTier $tier, public int $weight, public string $words) {}
}
