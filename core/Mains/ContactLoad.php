<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;

/** What a line’s contact carries against what it may carry. */
final readonly class ContactLoad
{
    /**
     * @param Figure $amps the appliance’s current
     * @param Margin $margin nominal: plain rating over current; worst: the share for this kind of load over current
     * @param Margin $volts the contact’s voltage rating over the voltage it breaks
     */
    public function __construct(
        public Figure $amps,
        public Margin $margin,
        public Margin $volts,
    ) {}
}
