<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a relay’s maker states of the insulation between coil and contacts. */
enum Insulation: string
{
    case Basic = 'basic';
    case Reinforced = 'reinforced';
    case Unstated = 'unstated';
}
