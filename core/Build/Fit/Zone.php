<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

/** On which side of the barrier a part lies. */
enum Zone: string
{
    case Mains = 'mains';
    case Low = 'low voltage';
    case Across = 'across the barrier';
}
