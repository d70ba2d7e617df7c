<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** What a step takes. */
enum Tool: string
{
    case Eyes = 'eyes and hands';
    case Meter = 'a meter';
    case Supply = 'a supply that limits its current';
    case Competent = 'somebody competent';

    public function needsMeter(): bool
    {
        return self::Meter === $this;
    }
}
