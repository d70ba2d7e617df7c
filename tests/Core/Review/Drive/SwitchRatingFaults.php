<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SwitchRatingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $twelve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseRelay(['A1'], TestBoards::part('reinforced-12v', Relay::class)),
            new FeedCoils(['A1'], 'R2'),
        );
        yield 'zener that lets the coil kick too high' => Planted::in(
            'drive.switch-rating',
            'A1',
            Severity::Broken,
            '×0.816',
            Planted::both(Starts::mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::DiodeZener)),
            Planted::both(Starts::mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::Diode)),
            $twelve,
            says: 'When “Lamp” is switched off, its coil kicks to 36.8 V; MOSFET specified at 2.5 V (AO3400 class) bears 30 V.',
            proposes: ['Fit a plain diode across the coil'],
        );

        // No transistor in the catalogue is so small: this one is made for the test.
        $small = static fn(float $amps): Edit => new ChooseDriver(
            ['A1'],
            new MosfetLowSide('mosfet-test', 100.0, 10e3),
            [new Mosfet(
                new PartIdentity('mosfet-test', 1, 'Small MOSFET', Basis::CommonPractice, 'test'),
                new Spread(0.6, 0.9, 1.2),
                2.5,
                0.05,
                $amps,
                30.0,
            )],
        );
        yield 'MOSFET for less than the coil draws' => Planted::in(
            'drive.switch-rating',
            'A1',
            Severity::Broken,
            '×0.62',
            $small(0.05),
            $small(0.1),
            says: 'Small MOSFET carries 80.6 mA for “Lamp”; it bears 50 mA.',
            proposes: ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
        );

        yield 'MOSFET for just what the coil draws' => Planted::in(
            'drive.switch-rating',
            'A1',
            Severity::Weak,
            '×0.933',
            $small(0.085),
            $small(0.1),
            says: 'Small MOSFET carries 91.1 mA for “Lamp” at the worst corner; it bears 85 mA.',
            proposes: ['Drive it by MOSFET specified at 2.5 V (AO3400 class)', 'Drive it by NPN 2N2222A class with 560 Ω'],
        );

        $transistor = TestBoards::part('npn-bc547b', Transistor::class);
        yield 'small transistor on a valve' => Planted::in(
            'drive.switch-rating',
            'A1',
            Severity::Broken,
            '×0.2',
            new ChooseDriver(['A1'], new NpnLowSide('npn-bc547b', 220.0, 10e3), [$transistor]),
            Starts::mosfet('mosfet-2v5'),
            Starts::valveOnItsOwnDriver(),
            says: 'NPN BC547B class carries 500 mA for “Lamp”; it bears 100 mA.',
            proposes: ['Drive it by MOSFET specified at 2.5 V (AO3400 class)'],
        );
    }
}
