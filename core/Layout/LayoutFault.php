<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** What can differ between a board and what comes back of it. */
enum LayoutFault: string
{
    case Joined = 'nets joined';
    case Broken = 'net broken';
    case Exchanged = 'pins exchanged';
    case WrongWayRound = 'pad map the wrong way round';
    case OnOtherNet = 'pin on another net';
    case MainsOnLow = 'mains on a low-voltage part';
    case Missing = 'part missing';
    case Extra = 'part too many';
    case TooNear = 'pads too near';
    case Unplated = 'mains hole without plating';
    case BothSides = 'parts on both sides';
    case OtherValue = 'another value';
    case OtherPackage = 'another package';
    case OtherCount = 'another count';
    case Turned = 'turned otherwise';
    case NotInStock = 'not in stock';
}
