<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** What takes a current. */
enum DrawKind: string
{
    case Controller = 'controller';
    case Coil = 'coil';
    case DriverInput = 'driver input';
    case Appliance = 'appliance';
    case Device = 'device';
    case Converter = 'converter';
}
