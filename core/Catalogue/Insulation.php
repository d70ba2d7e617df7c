<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What the maker of a part states of the insulation between its mains side and its low-voltage side. */
enum Insulation: string
{
    case Basic = 'basic';
    case Reinforced = 'reinforced';
    case Unstated = 'unstated';

    /** Basic is enough where nobody can touch the low-voltage side; reinforced everywhere. */
    public function isAtLeast(self $other): bool
    {
        return self::Reinforced === $this || self::Unstated === $other || $this === $other;
    }
}
