<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The columns that lists for an assembler can have. */
final class AssemblerColumn
{
    public const OF_PARTS = ['designators', 'value', 'package', 'quantity', 'part', 'fitted by', 'note'];
    public const OF_PLACEMENT = ['designator', 'value', 'package', 'x', 'y', 'side', 'rotation'];
}
