<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Whether a neutral reaches a place, and whose it is. */
enum NeutralHere: string
{
    case Own = 'of the same circuit';
    case None = 'none';
    case Shared = 'shared by circuits on several phases';
    case Borrowed = 'of another circuit';
    /** Not there yet: it is pulled in with the line that it belongs to. */
    case ToBePulled = 'to be pulled in, of the same circuit';

    /** Whether it is, or will be, the one that belongs there. */
    public function isItsOwn(): bool
    {
        return self::Own === $this || self::ToBePulled === $this;
    }
}
