<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What stands at a place in the house. */
enum PlaceKind: string
{
    case Box = 'the board in its box';
    case Switch = 'switches';
    case Appliance = 'appliances';
}
