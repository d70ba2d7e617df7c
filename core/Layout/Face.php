<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** On which faces of a board a pad has copper. */
enum Face: string
{
    case Both = 'both faces';
    case Top = 'top';
    case Bottom = 'bottom';

    public function meets(self $other): bool
    {
        return $this === $other || self::Both === $this || self::Both === $other;
    }
}
