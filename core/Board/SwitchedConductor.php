<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Which conductor of the appliance the contact interrupts. */
enum SwitchedConductor: string
{
    case Live = 'live';
    case Neutral = 'neutral';
    case Both = 'both';
    case DcPositive = 'DC positive';
}
