<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddGuard;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class OneBreakingDeviceFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $guard = Planted::both(new AddGuard('L2'), new SeatFunction('F6', '21'));
        yield 'heater without a cut-out behind one contact' => Planted::in(
            'mains.one-breaking-device',
            'L2',
            Severity::Danger,
            '',
            new StateSafety(['L2'], cutOut: false),
            Planted::both(new StateSafety(['L2'], cutOut: false), $guard),
            says: '“Airer” heats behind one contact: when it welds, nothing else breaks the line.',
            proposes: ['Put a second relay in series with it on GPIO25 (printed 25)'],
        );

        yield 'heater that a timer switches behind one contact' => Planted::in(
            'mains.one-breaking-device',
            'L2',
            Severity::Weak,
            '',
            new AddSurface('L2', SurfaceKind::Timer),
            Planted::both(new AddSurface('L2', SurfaceKind::Timer), $guard),
            says: '“Airer” heats, and a timer switches it: a welded contact heats it to its cut-out, and nobody notices.',
            proposes: ['Put a second relay in series with it on GPIO25 (printed 25)'],
        );

        yield 'heater that comes back by itself behind one contact' => Planted::in(
            'mains.one-breaking-device',
            'L2',
            Severity::Weak,
            '',
            new StateSafety(['L2'], mustComeBack: true),
            new StateSafety(['L2'], mustComeBack: false),
            says: '“Airer” heats, and it comes back by itself after a power cut: a welded contact heats it to its '
                . 'cut-out, and nobody notices.',
            proposes: ['Put a second relay in series with it on GPIO25 (printed 25)'],
        );

        yield 'heater that a message switches on behind one contact' => Planted::in(
            'mains.one-breaking-device',
            'L2',
            Severity::Weak,
            '',
            Starts::channel('message-broker', 'L2'),
            Planted::both(Starts::channel('message-broker', 'L2'), new TellSurface('S3', Operation::Off)),
            says: '“Airer” heats, and somebody who is not there can switch it on: a welded contact heats it to its cut-out, and nobody '
                . 'notices.',
            proposes: ['Put a second relay in series with it on GPIO25 (printed 25)'],
        );

        $group = static fn(bool $switchesOn): Edit => Planted::both(
            Starts::channel('message-broker', 'L1'),
            new AddLineGroup(LineGroupKind::Chosen, 'Warm', ['L1', 'L2'], ['C1'], $switchesOn),
        );
        yield 'heater that a group switches on from afar behind one contact' => Planted::in(
            'mains.one-breaking-device',
            'L2',
            Severity::Weak,
            '',
            $group(true),
            $group(false),
            says: '“Airer” heats, and somebody who is not there can switch it on: a welded contact heats it to its cut-out, and nobody '
                . 'notices.',
            proposes: ['Put a second relay in series with it on GPIO25 (printed 25)'],
        );
    }
}
