<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\DescribeAppliance;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ComesBackHeatingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $frost = static fn(OutletKind $outlet, bool $unattended, bool $cutOut): Edit => Planted::both(
            new ChooseAppliance('L1', TestBoards::part('frost-heater', Appliance::class)),
            new StateSafety(
                ['L1'],
                outlet: $outlet,
                restore: RestorePolicy::Last,
                earthJoined: true,
                unattended: $unattended,
                cutOut: $cutOut,
            ),
        );
        yield 'frost heater on a lead that comes back' => Planted::in(
            'mains.comes-back-heating',
            'L1',
            Severity::Danger,
            '',
            $frost(OutletKind::Lead, true, true),
            $frost(OutletKind::Fixed, true, true),
            says: '“Lamp” warms a room and comes back as it was after a power cut, but is not fixed.',
            proposes: ['Leave it off after a power cut', 'Fix it, with papers for unattended use and a cut-out of its own'],
        );

        $described = static fn(bool $warms): Edit => Planted::both(
            new DescribeAppliance('L1', 'Workbench warmer', LoadKind::Resistive, 400.0, heats: true, warmsAir: $warms),
            new StateSafety(
                ['L1'],
                outlet: OutletKind::Lead,
                restore: RestorePolicy::Last,
                earthJoined: true,
                unattended: false,
                cutOut: true,
            ),
        );
        yield 'described heater on a lead that comes back' => Planted::in(
            'mains.comes-back-heating',
            'L1',
            Severity::Danger,
            '',
            $described(true),
            $described(false),
            says: '“Lamp” warms a room and comes back as it was after a power cut, but is not fixed and is not made to run unattended.',
            proposes: ['Leave it off after a power cut', 'Fix it, with papers for unattended use and a cut-out of its own'],
        );

        yield 'frost heater that nobody made for being alone' => Planted::in(
            'mains.comes-back-heating',
            'L1',
            Severity::Danger,
            '',
            $frost(OutletKind::Fixed, false, true),
            $frost(OutletKind::Fixed, true, true),
            says: '“Lamp” warms a room and comes back as it was after a power cut, but is not made to run unattended.',
            proposes: ['Leave it off after a power cut', 'Fix it, with papers for unattended use and a cut-out of its own'],
        );
    }
}
