<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddSelector;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SwitchNotFreedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'wall switch with mains left in it' => Planted::in(
            'mains.switch-not-freed',
            'board',
            Severity::Danger,
            '',
            new StateBox(switchesFreed: false),
            Planted::both(new StateBox(switchesFreed: false), new RemoveSurface('S1')),
            says: '1 wall switch or selector is not freed of mains, and leads to the controller.',
            proposes: ['Free the wall switches and selectors of mains altogether'],
        );

        $knob = Planted::both(
            new RemoveSurface('S1'),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
            new AddSelector('Fan knob', 3),
            new AddSurface('L1', SurfaceKind::Knob, 'F7'),
        );
        yield 'fan selector with mains left in it' => Planted::in(
            'mains.switch-not-freed',
            'board',
            Severity::Danger,
            '',
            Planted::both($knob, new StateBox(switchesFreed: false)),
            Planted::both(new RemoveSurface('S1'), new StateBox(switchesFreed: false)),
            says: '1 wall switch or selector is not freed of mains, and leads to the controller.',
            proposes: ['Free the wall switches and selectors of mains altogether'],
        );
    }
}
