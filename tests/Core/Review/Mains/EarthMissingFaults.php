<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class EarthMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'airer without earth' => Planted::in(
            'mains.no-earth',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], earthJoined: false),
            new StateSafety(['L1'], earthJoined: false),
            says: '“Airer” has no protective earth, but its appliance has parts that must be earthed.',
            proposes: ['Run the protective earth (green-yellow) straight through'],
        );

        yield 'metal case without earth' => Planted::in(
            'mains.no-earth',
            'board',
            Severity::Danger,
            '',
            new StateBox(enclosure: BaseMaterial::Metal, enclosureEarthed: false),
            new StateBox(enclosure: BaseMaterial::Metal, enclosureEarthed: true),
            says: 'The metal case is not joined to protective earth.',
            proposes: ['Join the case to protective earth'],
        );
    }
}
