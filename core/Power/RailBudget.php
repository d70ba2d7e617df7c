<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;

/** What one rail can give and what is taken from it. */
final readonly class RailBudget
{
    /**
     * @param Figure $rated amperes for good in the air it works in
     * @param Figure $idle amperes with all relays off, typical
     * @param Figure $continuous amperes for good, everything on, greatest
     * @param Figure $peak amperes while everything pulls in and the radio sends, greatest
     * @param Margin $margin rated current over continuous (nominal: typical loads; worst: greatest loads), without the house rule
     * @param list<string> $unknownLoads what should be in the sum but is not known
     */
    public function __construct(
        public Figure $rated,
        public Figure $idle,
        public Figure $continuous,
        public Figure $peak,
        public Margin $margin,
        public array $unknownLoads,
    ) {}
}
