<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Which contact of a changeover relay carries the appliance. */
enum ContactUse: string
{
    case NormallyOpen = 'normally open';
    case NormallyClosed = 'normally closed';

    public function abbreviation(): string
    {
        return self::NormallyOpen === $this ? 'NO' : 'NC';
    }
}
