<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class SolidStateMismatchFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'triac on direct current' => Planted::in(
            'drive.solid-state-output',
            'A1',
            Severity::Broken,
            '',
            Starts::solid('1', 'ssr-25a-zero', 'shut-off-valve'),
            Starts::solid('1', 'ssr-5a-dc', 'shut-off-valve'),
            says: '“Lamp” runs from direct current, and the triac of its relay never lets go of that once it is on.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'normally closed solid-state relay' => Planted::in(
            'drive.solid-state-output',
            'A2',
            Severity::Broken,
            '',
            Planted::both(Starts::solid('2', 'ssr-25a-zero', 'heated-airer'), new ChooseContact(['A2'], ContactUse::NormallyClosed)),
            Starts::solid('2', 'ssr-25a-zero', 'heated-airer'),
            says: '“Airer” is to be on while its relay is off, but a solid-state relay has no normally closed contact.',
            proposes: ['Switch it on by switching the relay on', 'Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'load under the least current' => Planted::in(
            'drive.solid-state-output',
            'A1',
            Severity::Weak,
            '×0.783',
            Starts::solid('1', 'ssr-25a-zero', 'led-lamp', 9.0),
            Starts::solid('1', 'cube-5v', 'led-lamp', 9.0),
            says: '“Lamp” draws 78.3 mA, and its solid-state relay stays on from 100 mA: it may flicker, or stay off.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'lamp that glows on the leakage' => Planted::in(
            'drive.solid-state-output',
            'A1',
            Severity::Weak,
            '×69.6',
            Starts::solid('1', 'ssr-25a-zero', 'led-lamp', 24.0),
            Starts::solid('1', 'ssr-25a-zero', 'filament-lamp', 60.0),
            says: '“Lamp” may glow while it is off: it draws 209 mA, and 3 mA leak through its solid-state relay.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );
    }
}
