<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a maintained switch counts for that was moved while the board was dead. */
enum SwitchAtStart: string
{
    /** The line does what its switch says. */
    case Wins = 'wins at once';
    /** What the line does after a power cut stands until somebody moves it. */
    case Waits = 'waits until it is moved';
}
