<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Where a line leaves the box. */
enum OutletKind: string
{
    case Fixed = 'fixed wiring';
    case Lead = 'lead of the appliance';
    case Earthed = 'outlet with earth';
    case Unearthed = 'outlet without earth';
    /** One half of a double outlet whose other half is switched by another line. */
    case SplitHalf = 'half of a double outlet';
    case Reversible = 'outlet that takes a plug both ways';

    /** Whether something is plugged into it that it must bear. */
    public function isOutlet(): bool
    {
        return self::Fixed !== $this && self::Lead !== $this;
    }

    /** Whether it offers an earth that somebody may count on. */
    public function offersEarth(): bool
    {
        return self::Earthed === $this || self::SplitHalf === $this || self::Reversible === $this;
    }
}
