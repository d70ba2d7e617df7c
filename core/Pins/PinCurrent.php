<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Quantity\Margin;

/** What all outputs of a chip or of one of its port groups carry together, over what it bears. */
final readonly class PinCurrent
{
    /**
     * @param string $subject 'board' for the controller, or the id of an expander
     * @param string $of what the limit is for, as a phrase: “all pins of the RP2040”
     */
    public function __construct(public string $subject, public string $of, public Margin $margin) {}
}
