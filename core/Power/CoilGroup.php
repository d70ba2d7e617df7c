<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** Equal coils side by side, each an inductance behind its resistance and what its driver keeps. */
final readonly class CoilGroup
{
    public function __construct(public int $count, public float $ohms, public float $henries, public float $dropVolts) {}
}
