<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What the enclosure keeps out, by IEC 60529. */
enum Seal: string
{
    case None = 'not against water';
    case Splash = 'splashing water (IPX4)';
    case Jets = 'jets of water (IPX5)';

    public function keepsSplashOut(): bool
    {
        return self::None !== $this;
    }
}
