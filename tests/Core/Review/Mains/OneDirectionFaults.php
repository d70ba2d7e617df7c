<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Relays\AddDirection;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class OneDirectionFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'blind on one relay' => Planted::in(
            'mains.one-direction',
            'L1',
            Severity::Broken,
            '',
            Planted::both(
                new ChooseAppliance('L1', TestBoards::part('blind-motor', Appliance::class)),
                new StateSafety(['L1'], earthJoined: true),
            ),
            Planted::both(
                new ChooseAppliance('L1', TestBoards::part('blind-motor', Appliance::class)),
                new AddDirection('L1'),
            ),
            TestBoards::sound(),
            says: '“Lamp” runs both ways, and its relay drives it one way only.',
            proposes: ['Add a relay for the other way on GPIO25 (printed 25)'],
        );
    }
}
