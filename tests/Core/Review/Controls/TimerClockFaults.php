<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Edit\Controller\StateClock;
use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AddSwitchTime;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class TimerClockFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $timed = static fn(ClockSource $clock, bool $endsOff = true): Edit => Planted::both(
            new AddSurface('L1', SurfaceKind::Timer),
            new AddSwitchTime('S3', '18:00', true),
            new AddSwitchTime('S3', '23:00', !$endsOff),
            new StateClock(['S3'], $clock, MissedTime::ByTheTable),
        );
        yield 'timer by the network without a radio' => Planted::in(
            'controls.timer-clock',
            'S3',
            Severity::Broken,
            '',
            Planted::both($timed(ClockSource::Network), new StateRadio(false)),
            Planted::both($timed(ClockSource::Module), new StateRadio(false)),
            says: 'The timer of “Lamp” has the time from the network, and the board has no radio in use.',
            proposes: ['Take the time from a clock module with its own cell'],
        );

        yield 'timer by the cycles of the mains, uncounted' => Planted::in(
            'controls.timer-clock',
            'S3',
            Severity::Broken,
            '',
            $timed(ClockSource::MainsCycles),
            $timed(ClockSource::Network),
            says: 'The timer of “Lamp” has the time from the cycles of the mains, and the board has no zero-cross input to count them.',
            proposes: ['Take the time from the network', 'Take the time from a clock module with its own cell'],
        );

        yield 'timer that forgets the time' => Planted::in(
            'controls.timer-clock',
            'S3',
            Severity::Weak,
            '',
            $timed(ClockSource::Own),
            $timed(ClockSource::Module),
            says: 'The timer of “Lamp” has the time from the controller’s own clock, set at each start, which stands still in every '
                    . 'power cut and is wrong afterwards.',
            proposes: ['Take the time from the network', 'Take the time from a clock module with its own cell'],
        );

        yield 'timer that never ends' => Planted::in(
            'controls.timer-clock',
            'S3',
            Severity::Weak,
            '',
            $timed(ClockSource::Module, false),
            $timed(ClockSource::Module),
            says: 'The timer of “Lamp” switches it on and never off.',
            proposes: ['Let it go off an hour later, at 00:00'],
        );
    }
}
