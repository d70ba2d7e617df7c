<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class SnubberAcrossDirectionFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'snubber across the contacts of a blind' => Planted::in(
            'mains.snubber-across-direction',
            'L1',
            Severity::Danger,
            '',
            new StateSafety(['L1'], snubber: Snubber::Rc),
            new StateSafety(['L1'], snubber: Snubber::RcAcrossLoad),
            Starts::blind(),
            says: '100 Ω and 100 nF lies across the contacts of “Lamp”: the idle winding is fed through it.',
            proposes: ['Put 100 Ω and 100 nF across the motor instead'],
        );
    }
}
