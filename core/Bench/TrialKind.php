<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** What a cell of the trial tries. */
enum TrialKind: string
{
    case Surface = 'surface';
    case PowerCycle = 'power cycle';
    case ClosedAtPowerUp = 'closed at power-up';
    case Pair = 'two within 300 ms';
    case Held = 'held';
    case Lost = 'message lost';
    case Group = 'group';
    case AllAtOnce = 'all at once';
}
