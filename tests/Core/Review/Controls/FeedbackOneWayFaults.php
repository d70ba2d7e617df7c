<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class FeedbackOneWayFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        yield 'state awaited from a wall switch' => Planted::in(
            'controls.feedback-one-way',
            'S1',
            Severity::Weak,
            '',
            new TellSurface('S1', promisesFeedback: true),
            new TellSurface('S3', promisesFeedback: true),
            $broker,
            says: '“Lamp” is to show its state by its wall switch, which only takes commands.',
            proposes: ['Promise no state there'],
        );

        $chain = Starts::chain();
        yield 'state awaited behind a hop that lets none back' => Planted::in(
            'controls.feedback-one-way',
            'S3',
            Severity::Weak,
            '',
            Planted::both(
                new AddChannel(Starts::profile('rule-service'), 'Outside rules'),
                new HandOn('C4', 'C1'),
                new PutOnChannel('C4', ['L1']),
                new HandOn('C3', 'C4'),
                new TellSurface('S3', promisesFeedback: true),
            ),
            new TellSurface('S3', promisesFeedback: true),
            $chain,
            says: '“Lamp” is to show its state on “Voice”, and on the way back “Outside rules” lets none through.',
            proposes: ['Promise no state there'],
        );
    }
}
