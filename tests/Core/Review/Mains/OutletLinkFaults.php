<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class OutletLinkFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'double outlet whose link stays' => Planted::in(
            'mains.outlet-link',
            'L1',
            Severity::Danger,
            '',
            new StateSafety(['L1'], outlet: OutletKind::SplitHalf, earthJoined: true, linkRemoved: false),
            new StateSafety(['L1'], outlet: OutletKind::SplitHalf, earthJoined: true, linkRemoved: true),
            says: '“Lamp” leaves by half of a double outlet whose live sides are still joined: it is live whenever the other half is.',
            proposes: ['Take out the link on the live side, leave the neutral one'],
        );
    }
}
