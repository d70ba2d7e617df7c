<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class DoesNotPullInFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $coupled = static fn(float $ohms): Edit => new ChooseDriver(
            ['A1'],
            new CouplerDriver('pc817', 'npn-2n2222', $ohms, 470.0),
            [TestBoards::part('pc817', OptoCoupler::class), TestBoards::part('npn-2n2222', Transistor::class)],
        );
        yield 'coupler that is strong enough while it is new' => Planted::in(
            'drive.does-not-pull-in',
            'A1',
            Severity::Weak,
            '×0.821',
            $coupled(680.0),
            $coupled(390.0),
            says: 'The relay of “Lamp” pulls in on the bench only. Here the coil gets 3.32 V at the worst corner and wants 4.04 V.',
            proposes: ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
        );

        yield '47 kΩ at the base' => Planted::in(
            'drive.does-not-pull-in',
            'A1',
            Severity::Broken,
            '×0.00109',
            new SetDriverValue(['A1'], 'baseOhms', 47e3),
            new SetDriverValue(['A1'], 'baseOhms', 470.0),
            says: 'The relay of “Lamp” does not pull in. With 47 kΩ at the base the coil gets 4.08 mV and wants 3.75 V.',
            proposes: ['Fit 560 Ω at the base'],
        );

        yield '4.7 kΩ at the base' => Planted::in(
            'drive.does-not-pull-in',
            'A1',
            Severity::Weak,
            '×0.61',
            new SetDriverValue(['A1'], 'baseOhms', 4.7e3),
            new SetDriverValue(['A1'], 'baseOhms', 560.0),
            says: 'The relay of “Lamp” pulls in on the bench only. With 4.7 kΩ at the base the coil gets 2.47 V at the worst corner '
                    . 'and wants 4.04 V.',
            proposes: ['Fit 560 Ω at the base'],
        );

        yield '1 kΩ at the base is over the house rule' => Planted::in(
            'drive.does-not-pull-in',
            'A1',
            Severity::Hint,
            '×33.4',
            new SetDriverValue(['A1'], 'baseOhms', 1e3),
            new SetDriverValue(['A1'], 'baseOhms', 560.0),
            says: 'The transistor of “Lamp” is driven at forced gain ×33.4; the house rule is ×20.',
            proposes: ['Fit 560 Ω at the base'],
        );
    }
}
