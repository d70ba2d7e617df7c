<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class PauseTooShortFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $group = new AddGroup(GroupKind::NeverTogether, 'Heat and cold', ['F1', 'F2']);
        yield 'no pause between two relays' => Planted::in(
            'mains.pause-too-short',
            'G1',
            Severity::Weak,
            '10 ms',
            Planted::both($group, new InterlockGroup('G1', true, 0.01)),
            Planted::both($group, new InterlockGroup('G1', true, 0.05)),
            says: 'The program waits 10 ms between the relays of “Heat and cold”; they want 50 ms.',
            proposes: ['Wait 100 ms'],
        );

        yield 'too little pause between two directions' => Planted::in(
            'mains.pause-too-short',
            'G1',
            Severity::Weak,
            '490 ms',
            new InterlockGroup('G1', pauseSeconds: 0.49),
            new InterlockGroup('G1', pauseSeconds: 0.5),
            Starts::blind(),
            says: 'The program waits 490 ms between the relays of “Lamp directions”; they want 500 ms.',
            proposes: ['Wait 1 s'],
        );
    }
}
