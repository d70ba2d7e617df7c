<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\Unit;

/** The unit in which a float, a Spread or a Fact of a float is written. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Measured
{
    public function __construct(public Unit $unit) {}
}
