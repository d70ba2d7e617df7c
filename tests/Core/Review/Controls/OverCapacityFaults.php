<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class OverCapacityFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $six = TestBoards::withLines(6);
        yield 'six lines on a service with five places' => Planted::in(
            'controls.over-capacity',
            'C1',
            Severity::Weak,
            '×0.833',
            Starts::channel('numbered-service', 'L1', 'L2', 'L3', 'L4', 'L5', 'L6'),
            Starts::channel('numbered-service', 'L1', 'L2', 'L3', 'L4', 'L5'),
            $six,
            says: '“Far” takes 5 entries, and 6 are put on it.',
            proposes: [
                'Put the last 2 behind one entry, as a group',
                'Let a broker in the house take all of them',
                'It is meant so',
            ],
        );

        $two = TestBoards::edited(
            $six,
            Starts::channel('numbered-service', 'L1', 'L2', 'L3'),
            new AddChannel(Starts::profile('message-broker'), 'Broker'),
        );
        yield 'three lines on a tier with two places' => Planted::in(
            'controls.over-capacity',
            'C1',
            Severity::Weak,
            '×0.667',
            new StateTier('C1', 'free', 2),
            new StateTier('C1', 'free', 3),
            $two,
            says: '“Far” takes 2 entries, and 3 are put on it.',
            proposes: ['Move the last one to “Broker”', 'Put the last 2 behind one entry, as a group', 'It is meant so'],
        );

        $rules = TestBoards::edited(
            $six,
            Starts::channel('message-broker', 'L1', 'L2', 'L3'),
            new AddChannel(Starts::profile('rule-service'), 'Rules'),
            new HandOn('C2', 'C1'),
        );
        yield 'three lines with two rules each on a service for five rules' => Planted::in(
            'controls.over-capacity',
            'C2',
            Severity::Weak,
            '×0.833',
            new PutOnChannel('C2', ['L1', 'L2', 'L3']),
            new PutOnChannel('C2', ['L1', 'L2']),
            $rules,
            says: '“Rules” takes 5 entries, and 6 are put on it.',
            proposes: ['Leave the last one to “Far”', 'It is meant so'],
        );
    }
}
