<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class StepSeriesFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $bearing = Planted::both(
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            new ChooseRelay(
                ['A1', 'A3'],
                Copy::of(
                    TestBoards::part('reinforced-5v', Relay::class),
                    [
                        'identity' => new PartIdentity('relay-peak', 1, 'Relay with a peak rating', Basis::CommonPractice, 'for a test'),
                        'contactPeakAmps' => 120.0,
                    ],
                ),
            ),
        );
        yield 'contact that closes on a charged capacitor' => Planted::in(
            'mains.step-series',
            'G1',
            Severity::Weak,
            '390 A',
            $bearing,
            Planted::both($bearing, new StateStepBank('G1', seriesOhms: 8.2)),
            Starts::fan(),
            says: 'Up to 390 A flow into the capacitors of “Fan” when a contact closes on a charged one; the contact bears 120 A for a '
                    . 'moment.',
            proposes: ['Fit 8.2 Ω in series with each'],
        );

        yield 'no series resistor' => Planted::in(
            'mains.step-series',
            'G1',
            Severity::Weak,
            '',
            Starts::bank(CapacitorClass::MotorRun, 220e3, 0.0),
            Starts::bank(CapacitorClass::MotorRun, 220e3, 2.2),
            Starts::fan(),
            says: 'Nothing limits the current into the capacitors of “Fan” when a contact closes at the peak of the mains.',
            proposes: ['Fit 2.2 Ω in series with each'],
        );
    }
}
