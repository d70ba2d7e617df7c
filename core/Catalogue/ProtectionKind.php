<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What keeps a low-voltage rail from harm. */
enum ProtectionKind: string
{
    case Fuse = 'fuse';
    case ResettableFuse = 'resettable fuse';
    case SeriesDiode = 'series diode';
    case SurgeClamp = 'surge clamp';

    /** Whether the rail’s current runs through it. */
    public function isInSeries(): bool
    {
        return self::SurgeClamp !== $this;
    }
}
