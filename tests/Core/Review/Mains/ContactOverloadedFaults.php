<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ContactOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $mainsOnly = static fn(string $appliance): Edit => new ChooseAppliance('L1', TestBoards::part($appliance, Appliance::class));
        yield 'more than the contact’s rating' => Planted::in(
            'mains.contact-overloaded',
            'A2',
            Severity::Danger,
            '×0.92',
            new StateLoad('L2', 4000.0),
            new StateLoad('L2', 2600.0),
            says: '“Airer” draws 17.4 A through a contact for 16 A. That is work for a contact rated about 24 A, or for a contactor.',
            proposes: [],
        );

        yield 'exactly the contact’s rating' => Planted::in(
            'mains.contact-overloaded',
            'A2',
            Severity::Weak,
            '×0.727',
            new StateLoad('L2', 3680.0),
            new StateLoad('L2', 2600.0),
            says: '“Airer” (resistive) draws 16 A; with the mains 10 % high, the contact should carry no more than 11.6 A of it (of 16 '
                    . 'A AC, share used for good: 80 %). That is work for a contact rated about 22 A, or for a contactor.',
            proposes: [],
        );

        yield 'contacts in a hot box' => Planted::in(
            'mains.contact-overloaded',
            'A2',
            Severity::Weak,
            '×0.765',
            Planted::both(new StateLoad('L2', 1500.0), new StateAmbient(90.0)),
            new StateLoad('L2', 1500.0),
            says: '“Airer” (resistive) draws 6.52 A; with the mains 10 % high, the contact should carry no more than 4.99 A of it (of '
                    . '16 A AC, 43 % in air of 90 °C, share used for good: 80 %). That is work for a contact rated about 21 A, or for a '
                    . 'contactor.',
            proposes: [],
        );

        $belt = Planted::both(
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            $mainsOnly('heat-belt'),
            new StateLoad('L1', 1160.0),
        );
        yield 'normally closed contact beyond its approval' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Danger,
            '×0.991',
            Planted::both($belt, new ChooseContact(['A1'], ContactUse::NormallyClosed)),
            $belt,
            says: '“Lamp” draws 5.04 A through a contact for 5 A. That is work for a contact rated about 6.9 A, or for a contactor.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        $peak = static fn(float $amps): Edit => new ChooseRelay(
            ['A1'],
            Copy::of(
                TestBoards::part('reinforced-5v', Relay::class),
                [
                    'identity' => new PartIdentity('relay-peak', 1, 'Relay with a peak rating', Basis::CommonPractice, 'for a test'),
                    'contactPeakAmps' => $amps,
                ],
            ),
        );
        yield 'pump that starts with more than the contact bears for a moment' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.845',
            Planted::both($mainsOnly('return-pump'), new StateLoad('L1', 700.0), $peak(30.0)),
            Planted::both($mainsOnly('return-pump'), new StateLoad('L1', 700.0), $peak(40.0)),
            says: '“Lamp” (induction motor) draws 5.07 A; starting current considered, the contact should carry no more than 4.29 A (of '
                    . '16 A AC, bears 30 A for a moment, and induction motor starts with 7 times its current). That is work for a contact '
                    . 'rated about 19 A, or for a contactor.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'too many electronic lamps' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.92',
            new StateLoad('L1', 200.0),
            new StateLoad('L1', 180.0),
            says: '“Lamp” (electronic lamp) draws 1.74 A; starting current considered, the contact should carry no more than 1.6 A (of '
                    . '16 A AC, share for electronic lamp: 10 %). That is work for a contact rated about 17 A, or for a contactor.',
            proposes: [],
        );

        $dc = static fn(float $volts, float $watts): Edit => new ChooseAppliance(
            'L1',
            new Appliance(
                new PartIdentity('dc-motor', 1, 'DC motor', Basis::CommonPractice, 'for a test'),
                LoadKind::DcInductive,
                $watts,
                1.0,
                $volts,
            ),
        );
        yield 'pump on a bare resistive rating' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.966',
            Planted::both($mainsOnly('return-pump'), new StateLoad('L1', 800.0)),
            Planted::both($mainsOnly('return-pump'), new StateLoad('L1', 700.0)),
            says: '“Lamp” (induction motor) draws 5.8 A; starting current considered, the contact should carry no more than 5.6 A (of '
                    . '16 A AC, share for induction motor: 35 %). That is work for a contact rated about 17 A, or for a contactor.',
            proposes: [],
        );

        yield '24 V DC motor beyond the contact' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Danger,
            '×0.96',
            $dc(24.0, 400.0),
            $dc(24.0, 110.0),
            says: '“Lamp” draws 16.7 A through a contact for 16 A. That is work for a contact rated about 56 A, or for a contactor.',
            proposes: [],
        );

        yield '48 V DC on a contact for 30 V' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Danger,
            '×0.625',
            $dc(48.0, 20.0),
            $dc(24.0, 20.0),
            says: '“Lamp” has 48 V at a contact for 30 V.',
            proposes: [],
        );

        yield 'motor on a resistive rating' => Planted::in(
            'mains.contact-overloaded',
            'A1',
            Severity::Weak,
            '×0.966',
            Planted::both($mainsOnly('workshop-saw'), new StateLoad('L1', 1200.0)),
            Planted::both($mainsOnly('workshop-saw'), new StateLoad('L1', 1100.0)),
            says: '“Lamp” (universal motor) draws 5.8 A; starting current considered, the contact should carry no more than 5.6 A (of '
                    . '16 A AC, share for universal motor: 35 %). That is work for a contact rated about 17 A, or for a contactor.',
            proposes: [],
        );
    }
}
