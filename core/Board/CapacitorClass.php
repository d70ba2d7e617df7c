<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a capacitor in the mains is made for. */
enum CapacitorClass: string
{
    case MotorRun = 'motor-run';
    case X2 = 'class X2';
}
