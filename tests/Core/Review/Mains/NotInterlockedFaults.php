<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class NotInterlockedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $group = new AddGroup(GroupKind::NeverTogether, 'Heat and cold', ['F1', 'F2']);
        yield 'two relays kept apart by the program' => Planted::in(
            'mains.not-interlocked',
            'G1',
            Severity::Danger,
            '',
            Planted::both($group, new InterlockGroup('G1', false)),
            Planted::both($group, new InterlockGroup('G1', true)),
            says: '“Lamp relay” and “Airer relay” of “Heat and cold” can be closed at once: only the program keeps them apart.',
            proposes: ['Interlock them through the contacts'],
        );

        yield 'two steps of a fan closable at once' => Planted::in(
            'mains.not-interlocked',
            'G1',
            Severity::Danger,
            '',
            Planted::both(new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F2']), new InterlockGroup('G1', false)),
            Planted::both(new AddGroup(GroupKind::StepRelays, 'Steps', ['F1', 'F2']), new InterlockGroup('G1', true)),
            says: '“Lamp relay” and “Airer relay” of “Steps” can be closed at once: only the program keeps them apart.',
            proposes: ['Interlock them through the contacts'],
        );
    }
}
