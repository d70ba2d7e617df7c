<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controller\RecordTriedSet;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\LibraryPin;
use IronLatch\Core\Board\TriedSet;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class VersionsUntriedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $libraries = [new LibraryPin('receiver', '4.4.1'), new LibraryPin('client', '2.8.0')];
        $tried = new TriedSet('2026-03-14', 'core 3.0.7', $libraries, true);
        $board = TestBoards::edited(
            TestBoards::sound(),
            new StateFirmware(new FirmwareFacts('core 3.0.7', libraries: $libraries)),
            new RecordTriedSet('2026-03-14'),
        );
        $newer = new StateFirmware(new FirmwareFacts('core 3.1.0', libraries: $libraries, tried: [$tried]));
        yield 'newer package with the old libraries' => Planted::in(
            'controls.versions-untried',
            'board',
            Severity::Weak,
            '',
            $newer,
            new StateFirmware(new FirmwareFacts(' Core 3.0.7', libraries: array_reverse($libraries), tried: [$tried])),
            $board,
            says: '“core 3.1.0” with 2 libraries was never built together; another set was.',
            proposes: ['Go back to the set that worked on 2026-03-14'],
        );

        yield 'set that did not work' => Planted::in(
            'controls.versions-untried',
            'board',
            Severity::Weak,
            '',
            Planted::both($newer, new RecordTriedSet('2026-05-02', false, 'loses the network')),
            Planted::both($newer, new RecordTriedSet('2026-05-02', true)),
            $board,
            says: 'These versions did not work together on 2026-05-02: loses the network.',
            proposes: ['Go back to the set that worked on 2026-03-14'],
        );
    }
}
