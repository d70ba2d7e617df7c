<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** How a value is written down. */
enum ValueKind
{
    case Text;
    case Integer;
    case Boolean;
    case Quantity;
    case Spread;
    case Choice;
    case Record;
    case Variant;
    case Listing;
    case Map;
    case Fact;
}
