<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** Which way a surface speaks. */
enum Direction: string
{
    case Command = 'commands only';
    case State = 'state only';
    case Both = 'commands and state';

    public function commands(): bool
    {
        return self::State !== $this;
    }

    public function tellsState(): bool
    {
        return self::Command !== $this;
    }
}
