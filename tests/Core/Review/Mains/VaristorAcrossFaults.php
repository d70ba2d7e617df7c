<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class VaristorAcrossFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'varistor across the contact of a lamp' => Planted::in(
            'mains.varistor-across',
            'L1',
            Severity::Weak,
            '',
            new StateSafety(['L1'], snubber: Snubber::Varistor),
            new StateSafety(['L1'], snubber: Snubber::VaristorAcrossLoad),
            says: 'A varistor lies across the contact of “Lamp”: it fails closed, and the appliance is on.',
            proposes: ['Put it across the appliance'],
        );

        yield 'varistor across the contact of an airer' => Planted::in(
            'mains.varistor-across',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], snubber: Snubber::Varistor),
            new StateSafety(['L2'], snubber: Snubber::VaristorAcrossLoad),
            says: 'A varistor lies across the contact of “Airer”: it fails closed, and the appliance is on, though it must never start '
                    . 'by itself.',
            proposes: ['Put it across the appliance'],
        );
    }
}
