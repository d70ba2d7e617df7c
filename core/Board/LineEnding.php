<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What tells the program that a text command is over. */
enum LineEnding: string
{
    case None = 'nothing: it acts as soon as the text matches';
    case LineFeed = 'line feed';
    case ReturnAndFeed = 'carriage return and line feed';
    case Either = 'either of the two';
}
