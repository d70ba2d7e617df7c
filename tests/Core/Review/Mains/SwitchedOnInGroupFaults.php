<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SwitchedOnInGroupFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $night = new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], true);
        yield 'airer in a group that switches on' => Planted::in(
            'mains.switched-on-in-group',
            'L2',
            Severity::Danger,
            '',
            $night,
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], false),
            $broker,
            says: '“Airer” must never start by itself, but “Night” switches it on.',
            proposes: ['Take it out of what switches on', 'Let those groups only switch off'],
        );

        yield 'lamp that is barred from groups' => Planted::in(
            'mains.switched-on-in-group',
            'L1',
            Severity::Danger,
            '',
            Planted::both($night, new StateSafety(['L1'], barredFromGroups: true)),
            Planted::both(
                new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], false),
                new StateSafety(['L1'], barredFromGroups: true),
            ),
            $broker,
            says: '“Lamp” is barred from groups, but “Night” switches it on.',
            proposes: ['Take it out of what switches on', 'Let those groups only switch off'],
        );

        $off = new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false);
        yield 'button that puts the airer on with others' => Planted::in(
            'mains.switched-on-in-group',
            'L2',
            Severity::Danger,
            '',
            Planted::both($off, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Toggle)),
            Planted::both($off, new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Off)),
            says: '“Airer” must never start by itself, but “Night” switches it on.',
            proposes: ['Take it out of what switches on', 'Let those groups only switch off'],
        );

        $scene = new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L2']);
        yield 'scene that puts the airer on' => Planted::in(
            'mains.switched-on-in-group',
            'L2',
            Severity::Danger,
            '',
            Planted::both($scene, new SetScene('K1', ['L1', 'L2'])),
            Planted::both($scene, new SetScene('K1', ['L1'])),
            says: '“Airer” must never start by itself, but “Evening” switches it on.',
            proposes: ['Take it out of what switches on', 'Let those groups only switch off'],
        );
    }
}
