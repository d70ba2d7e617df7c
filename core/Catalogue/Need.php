<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a surface needs to work. */
enum Need: string
{
    case Radio = 'radio';
    case Internet = 'internet';
    case Service = 'service';

    /** Whether it is gone when something else is: what comes by radio from afar needs all that lies before it. */
    public function isGoneWith(self $lost): bool
    {
        return match ($lost) {
            self::Radio => true,
            self::Internet => self::Radio !== $this,
            self::Service => self::Service === $this,
        };
    }
}
