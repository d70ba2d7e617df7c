<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** Where the plus is on a round plug or in its socket. */
enum JackPolarity: string
{
    case CentrePositive = 'centre positive';
    case CentreNegative = 'centre negative';

    public function opposite(): self
    {
        return self::CentrePositive === $this ? self::CentreNegative : self::CentrePositive;
    }
}
