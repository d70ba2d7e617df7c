<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What an enclosure looks like from above. */
enum EnclosureShape: string
{
    case Rectangular = 'rectangular';
    case Round = 'round';
}
