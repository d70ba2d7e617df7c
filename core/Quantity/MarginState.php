<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** What a margin says of its joint. */
enum MarginState: string
{
    case Sound = 'sound';
    case Weak = 'weak';
    case Broken = 'broken';
}
