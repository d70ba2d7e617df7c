<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\SetAnnouncement;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class AnnouncementFaultFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $fault = static fn(SetAnnouncement $own, string $says): Planted => Planted::in(
            'controls.announcement',
            'C1',
            Severity::Broken,
            '',
            $own,
            new SetAnnouncement('C1', payload: '{"name": "{name}", "is": "{kind}"}', here: 'here', gone: 'away'),
            $broker,
            says: 'What “Far” announces cannot be read: ' . $says . '.',
            proposes: ['Use the form of the profile'],
        );
        yield 'announcement that is no JSON' => $fault(
            new SetAnnouncement('C1', payload: '{"name": "{name}", }'),
            'the text for “Lamp” is no JSON object',
        );
        yield 'announcement with a word that stands for nothing' => $fault(
            new SetAnnouncement('C1', payload: '{"name": "{title}"}'),
            '“{title}” stands for nothing',
        );
        yield 'two lines announced at one topic' => $fault(
            new SetAnnouncement('C1', topic: '{root}/about'),
            '“Lamp” and “Airer” are announced at one topic, bare/about',
        );
        yield 'topic of an announcement with a wildcard' => $fault(
            new SetAnnouncement('C1', topic: '{root}/+/{line}'),
            'the topic “bare/+/lamp”: “+” and “#” are wildcards',
        );
        yield 'presence that says the same for here and gone' => $fault(
            new SetAnnouncement('C1', here: 'board', gone: 'board'),
            '“board” says both that the board is there and that it is gone',
        );
        yield 'presence at a topic of the broker' => $fault(
            new SetAnnouncement('C1', availability: '$there'),
            'topics that begin with “$” belong to the broker',
        );
    }
}
