<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Quantity\Spread;

/** What an ohmmeter finds between two terminals of one device: a resistor, a coil. */
final readonly class Path
{
    /**
     * @param string $from key of a terminal
     * @param string $to key of another
     * @param Spread $ohms from the least to the greatest that a sound part has
     */
    public function __construct(public string $from, public string $to, public Spread $ohms) {}
}
