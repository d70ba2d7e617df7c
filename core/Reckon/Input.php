<?php

declare(strict_types=1);

namespace IronLatch\Core\Reckon;

use IronLatch\Core\Quantity\Unit;

/** One value that a calculation asks for. */
final readonly class Input
{
    /**
     * @param string $usual what stands there before somebody types
     * @param float $least in SI
     * @param float $greatest in SI
     * @param bool $isCounted whole numbers only: nobody has half a channel
     */
    public function __construct(
        public string $label,
        public Unit $unit,
        public string $usual,
        public float $least,
        public float $greatest,
        public bool $isCounted = false,
    ) {}
}
