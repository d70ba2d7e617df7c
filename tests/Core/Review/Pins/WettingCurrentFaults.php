<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateContactMade;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class WettingCurrentFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'mains switch on the pull-up of the chip' => Planted::in(
            'pins.wetting-current',
            'F3',
            Severity::Weak,
            '40 µA',
            new StateContactMade(['F3'], true),
            Planted::both(new StateContactMade(['F3'], true), new FitPull('F3', PullDirection::Up, 2.7e3)),
            says: 'The contact of “Lamp wall switch” was made for mains and gets 40 µA when it is closed; it wants 1 mA to stay clean.',
            proposes: ['Pull it up with 2.7 kΩ'],
        );

        yield 'mains switch on 3.3 kΩ' => Planted::in(
            'pins.wetting-current',
            'F3',
            Severity::Weak,
            '964 µA',
            Planted::both(new StateContactMade(['F3'], true), new FitPull('F3', PullDirection::Up, 3.3e3)),
            Planted::both(new StateContactMade(['F3'], false), new FitPull('F3', PullDirection::Up, 3.3e3)),
            says: 'The contact of “Lamp wall switch” was made for mains and gets 964 µA when it is closed; it wants 1 mA to stay clean.',
            proposes: ['Pull it up with 2.7 kΩ'],
        );
    }
}
