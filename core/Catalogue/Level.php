<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A logic level. */
enum Level: string
{
    case High = 'high';
    case Low = 'low';

    public function opposite(): self
    {
        return self::High === $this ? self::Low : self::High;
    }
}
