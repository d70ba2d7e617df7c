<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How well a figure is known. */
enum Basis: string
{
    case Standard = 'standard';
    case DataSheet = 'data-sheet';
    case CommonPractice = 'common-practice';
    case FromMemory = 'from-memory';

    public function words(): string
    {
        return match ($this) {
            self::Standard => 'a published standard',
            self::DataSheet => 'a data sheet',
            self::CommonPractice => 'common practice, no source',
            self::FromMemory => 'from memory: compare with the data sheet',
        };
    }
}
