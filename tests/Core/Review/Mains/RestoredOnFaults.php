<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class RestoredOnFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'airer that comes back' => Planted::in(
            'mains.restored-on',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], restore: RestorePolicy::Last),
            new StateSafety(['L1'], restore: RestorePolicy::Last),
            says: '“Airer” must never start by itself, but comes back as it was after a power cut.',
            proposes: ['Leave it off after a power cut'],
        );
    }
}
