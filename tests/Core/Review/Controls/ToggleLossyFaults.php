<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\RemoveChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class ToggleLossyFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text'));
        yield 'flip over a broker' => Planted::in(
            'controls.toggle-lossy',
            'S3',
            Severity::Weak,
            '',
            new TellSurface('S3', Operation::Toggle),
            new TellSurface('S3', Operation::Explicit),
            $broker,
            says: '“Lamp” is flipped by way of “Far”, where a message can be lost.',
            proposes: ['Say “on” and “off” instead'],
        );

        yield 'flip over a web request, which is answered' => Planted::in(
            'controls.toggle-lossy',
            'S3',
            Severity::Weak,
            '',
            new TellSurface('S3', Operation::Toggle),
            Planted::both(
                new RemoveChannel('C1'),
                Planted::both(
                    new AddChannel(TestBoards::part('web-request', SurfaceProfile::class), 'Web'),
                    new PutOnChannel('C2', ['L1']),
                    new TellSurface('S5', Operation::Toggle),
                ),
            ),
            $radio,
            says: '“Lamp” is flipped by way of “Far”, where a message can be lost.',
            proposes: ['Say “on” and “off” instead'],
        );

        $panel = TestBoards::edited(
            TestBoards::sound(),
            Starts::channel('web-request', 'L1'),
            new AddChannel(Starts::profile('phone-panel'), 'Panel'),
            new HandOn('C2', 'C1'),
            new PutOnChannel('C2', ['L1']),
        );
        yield 'flip by a way whose inner hop is repeated' => Planted::in(
            'controls.toggle-lossy',
            'S4',
            Severity::Weak,
            '',
            Planted::both(new TellSurface('S4', Operation::Toggle), new ChangeChannel('C1', repeated: true)),
            new TellSurface('S4', Operation::Toggle),
            $panel,
            says: '“Lamp” is flipped by way of “Far”, where a message can be lost.',
            proposes: ['Say “on” and “off” instead'],
        );
    }
}
