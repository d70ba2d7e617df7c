<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class IllegalNameFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text'));
        $voice = TestBoards::edited(TestBoards::sound(), Starts::channel('spoken-assistant'));
        $service = TestBoards::edited(TestBoards::sound(), Starts::channel('numbered-service'));
        yield 'wildcard in a topic' => Planted::in(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: 'home/+/lamp'),
            new TellSurface('S3', address: 'home/1/lamp'),
            $broker,
            says: '“home/+/lamp” cannot be a topic on “Far”: “+” and “#” are wildcards.',
            proposes: ['Use the derived one'],
        );

        yield 'word that the assistant keeps for itself' => Planted::in(
            'controls.illegal-name',
            'S4',
            Severity::Broken,
            '',
            new TellSurface('S4', address: 'Everything'),
            new TellSurface('S4', address: 'Every airer'),
            $voice,
            says: '“Everything” cannot be a spoken name on “Far”: the word is taken there.',
            proposes: ['Use the derived one'],
        );

        yield 'blank in a text command' => Planted::in(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: 'L 1'),
            new TellSurface('S3', address: 'LA'),
            $radio,
            says: '“L 1” cannot be a text command on “Far”: it holds a blank.',
            proposes: ['Use the derived one'],
        );

        yield 'word in place of a number' => Planted::in(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: 'V5'),
            new TellSurface('S3', address: '5'),
            $service,
            says: '“V5” cannot be a number on “Far”: it is no number.',
            proposes: ['Use the derived one'],
        );

        yield 'query in a path' => Planted::in(
            'controls.illegal-name',
            'S3',
            Severity::Broken,
            '',
            new TellSurface('S3', address: '/lamp?x'),
            new TellSurface('S3', address: '/lamp-x'),
            TestBoards::edited(TestBoards::sound(), Starts::channel('web-request')),
            says: '“/lamp?x” cannot be a path on “Far”: a path is made of letters, digits, “-”, “_”, “.” and “~” '
                    . 'between slashes.',
            proposes: ['Use the derived one'],
        );
    }
}
