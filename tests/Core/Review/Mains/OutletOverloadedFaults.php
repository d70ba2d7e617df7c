<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class OutletOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $outlet = static fn(float $amps): Edit => Planted::both(
            new StateLoad('L2', 2900.0),
            new StateSafety(['L2'], outlet: OutletKind::Earthed, outletAmps: $amps),
        );
        yield 'outlet for 10 A before 12.6 A' => Planted::in(
            'mains.outlet-overloaded',
            'L2',
            Severity::Danger,
            '×0.793',
            $outlet(10.0),
            $outlet(13.0),
            says: '“Airer” draws 12.6 A through an outlet for 10 A.',
            proposes: ['Use an outlet for 13 A'],
        );
    }
}
