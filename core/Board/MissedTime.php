<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What becomes of a time that passed while the board was dead or did not know the time. */
enum MissedTime: string
{
    case Skipped = 'is left out';
    case ByTheTable = 'the line goes to what the table says for now';
}
