<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class LeftOffFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $heater = static fn(RestorePolicy $restore): Edit => Planted::both(
            new ChooseAppliance('L1', TestBoards::part('aquarium-heater', Appliance::class)),
            new StateSafety(['L1'], restore: $restore),
        );
        yield 'aquarium heater that stays off' => Planted::in(
            'mains.left-off',
            'L1',
            Severity::Weak,
            '',
            $heater(RestorePolicy::Off),
            $heater(RestorePolicy::Last),
            says: '“Lamp” must come back after a power cut, but stays off.',
            proposes: ['Let it come back as it was', 'It need not come back'],
        );

        yield 'airer that must come back' => Planted::in(
            'mains.left-off',
            'L2',
            Severity::Broken,
            '',
            new StateSafety(['L2'], mustComeBack: true),
            new StateSafety(['L2'], mustComeBack: false),
            says: '“Airer” must never start by itself, and must come back after a power cut: both cannot hold.',
            proposes: ['It need not come back'],
        );
    }
}
