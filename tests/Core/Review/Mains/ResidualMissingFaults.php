<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\ResidualDevice;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class ResidualMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'no residual-current device' => Planted::in(
            'mains.no-residual-device',
            'H1',
            Severity::Weak,
            '',
            new StatePlace(['H1'], residual: ResidualDevice::None),
            new StatePlace(['H1'], residual: ResidualDevice::ThirtyMilliamperes),
            Starts::house(),
            says: 'No residual-current device stands before “The box”: nothing breaks when somebody touches live.',
            proposes: ['Have a residual-current device of 30 mA fitted'],
        );
        yield 'residual-current device against fire only, in the damp' => Planted::in(
            'mains.no-residual-device',
            'H1',
            Severity::Danger,
            '',
            Planted::both(
                new StatePlace(['H1'], residual: ResidualDevice::ThreeHundredMilliamperes),
                new StateBox(pollution: PollutionDegree::Damp),
            ),
            Planted::both(
                new StatePlace(['H1'], residual: ResidualDevice::TenMilliamperes),
                new StateBox(pollution: PollutionDegree::Damp),
            ),
            Starts::house(),
            says: 'The residual-current device of 300 mA stands before “The box”, and it is damp there: '
                . 'nothing breaks when somebody touches live.',
            proposes: ['Have a residual-current device of 30 mA fitted'],
        );
    }
}
