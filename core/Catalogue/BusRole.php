<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A pin’s place on one of the chip’s bus units, such as SDA of I2C 0. */
final readonly class BusRole
{
    /**
     * @param string $unit which of the chip’s units; signals of one bus must come from one unit
     */
    public function __construct(public BusSignal $signal, public string $unit) {}
}
