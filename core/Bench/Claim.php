<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** What a surface lets somebody believe of an appliance. What was told to be off is not known to be off. */
enum Claim: string
{
    case On = 'is on';
    case Off = 'is off';
    case ToldOn = 'was told to be on';
    case ToldOff = 'was told to be off';
    case Unknown = 'nobody knows';
}
