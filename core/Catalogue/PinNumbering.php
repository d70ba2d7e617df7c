<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** By what a service that writes levels to pins calls a pin. */
enum PinNumbering: string
{
    case Chip = 'number of the chip';
    case Print = 'label on the carrier';
    case Own = 'numbers of its own';
}
