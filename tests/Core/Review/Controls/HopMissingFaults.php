<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\ChangeLineGroup;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class HopMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $chain = Starts::chain();
        yield 'line that the next hop does not know' => Planted::in(
            'controls.hop-missing',
            'S3',
            Severity::Broken,
            '',
            new RemoveSurface('S4'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            $chain,
            says: '“Lamp” is on “Voice”, which hands on to “Rules”, and that does not know the line.',
            proposes: ['Put it on “Rules” as well'],
        );

        yield 'rule service that hands on to nothing' => Planted::in(
            'controls.hop-missing',
            'C2',
            Severity::Broken,
            '',
            Planted::both(
                new AddChannel(Starts::profile('rule-service'), 'Rules'),
                new PutOnChannel('C2', ['L1']),
            ),
            Planted::both(
                new AddChannel(Starts::profile('rule-service'), 'Rules'),
                new PutOnChannel('C2', ['L1']),
                new HandOn('C2', 'C1'),
            ),
            TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker', 'L1')),
            says: '“Rules” cannot reach a board by itself, and hands on to nothing.',
            proposes: ['Hand on to “Far”', 'Take the channel away'],
        );

        $panel = Planted::both(
            new AddChannel(Starts::profile('phone-panel'), 'Panel'),
            new PutOnChannel('C2', ['L1']),
            new HandOn('C2', 'C1'),
        );
        yield 'flip that the next hop cannot carry' => Planted::in(
            'controls.hop-missing',
            'S4',
            Severity::Broken,
            '',
            Planted::both($panel, new TellSurface('S4', Operation::Toggle)),
            $panel,
            TestBoards::edited(TestBoards::sound(), Starts::channel('numbered-service', 'L1')),
            says: '“Lamp” is asked by “Panel” for “toggle”, which “Far” cannot carry.',
            proposes: ['Say “on and off” instead'],
        );

        $night = new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C3'], false);
        yield 'group that the next hop does not know' => Planted::in(
            'controls.hop-missing',
            'K1',
            Severity::Broken,
            '',
            $night,
            Planted::both($night, new ChangeLineGroup('K1', 'Night', ['L1', 'L2'], ['C1', 'C2', 'C3'], false)),
            $chain,
            says: 'The group “Night” is on “Voice”, which hands on to “Rules”, and that does not know the group.',
            proposes: ['Let “Rules” and “Broker” know the group'],
        );

        yield 'panel in front of a module that only sends' => Planted::in(
            'controls.hop-missing',
            'C2',
            Severity::Broken,
            '',
            Planted::both($panel, new ChangeChannel('C1', link: LinkKind::Speaks)),
            $panel,
            TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text', 'L1')),
            says: '“Panel” hands on to “Far”, which takes no commands.',
            proposes: ['Take the channel away'],
        );
    }
}
