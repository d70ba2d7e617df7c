<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class GroupActFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $night = new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false);
        yield 'step for a group without steps' => Planted::in(
            'controls.group-act',
            'S3',
            Severity::Broken,
            '',
            Planted::both($night, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::StepDown)),
            Planted::both($night, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Off)),
            says: 'The push button on “Night” goes a step, and no line of the group has steps.',
            proposes: ['Let it mean “off only”', 'Take the key away'],
        );

        yield 'scene for a group that is none' => Planted::in(
            'controls.group-act',
            'S3',
            Severity::Broken,
            '',
            Planted::both($night, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Scene)),
            Planted::both($night, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Off)),
            says: 'The push button on “Night” runs a scene, and the group is none: it does not say which lines are on.',
            proposes: ['Let it mean “off only”', 'Take the key away'],
        );

        $fan = Starts::fan();
        $both = new AddLineGroup(LineGroupKind::Chosen, 'Air', ['L1', 'L2'], [], false);
        yield 'step for a group of which one line has steps' => Planted::in(
            'controls.group-act',
            'S3',
            Severity::Weak,
            '',
            Planted::both($both, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::StepDown)),
            Planted::both($both, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Off)),
            $fan,
            says: 'The push button on “Air” goes a step, which moves 1 of its 2 lines.',
            proposes: ['Let it mean “off only”', 'Take the key away'],
        );

        $evening = Planted::both(
            new AddLine('Shelf', TestBoards::part('led-lamp', Appliance::class)),
            new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L3']),
            new SetScene('K1', ['L1']),
        );
        yield 'key that puts all of a scene on' => Planted::in(
            'controls.group-act',
            'S3',
            Severity::Weak,
            '',
            Planted::both($evening, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::On)),
            Planted::both($evening, new AddGroupKey('K1', SurfaceKind::PushButton)),
            says: 'The push button on “Evening” means “on only” for every line of a scene, whatever the scene says.',
            proposes: ['Let it mean “off only”', 'Take the key away'],
        );
    }
}
