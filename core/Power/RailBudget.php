<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;

/** What one rail gives and what is taken from it with every relay on. */
final readonly class RailBudget
{
    /**
     * @param Figure $continuous amperes for good, everything on
     * @param Figure $peak amperes with the radio sending as well
     * @param Margin $margin rated current over continuous (nominal: typical loads; worst: greatest loads), without the house rule
     * @param list<string> $unknownLoads what should be in the sum but is not known
     */
    public function __construct(
        public Figure $continuous,
        public Figure $peak,
        public Margin $margin,
        public array $unknownLoads,
    ) {}
}
