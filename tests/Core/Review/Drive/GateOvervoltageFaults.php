<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Relays\SwitchDirectly;
use IronLatch\Core\Board\MosfetHighSide;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\PMosfet;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class GateOvervoltageFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $high = static fn(float $gateOhms): Edit => new ChooseDriver(
            ['A1'],
            new MosfetHighSide('npn-bc547b', 'p-mosfet-10v', 4.7e3, $gateOhms),
            [TestBoards::part('npn-bc547b', Transistor::class), TestBoards::part('p-mosfet-10v', PMosfet::class)],
        );
        $strip = new PartIdentity('strip', 1, 'Strip of LEDs, 24 V', Basis::CommonPractice, 'for a test');
        $directly = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('24 V', TestBoards::part('module-24v-10w', Supply::class)),
            new ChooseAppliance('L1', new Appliance($strip, LoadKind::Resistive, 5.0, 1.0, 24.0)),
            new FeedAppliance('L1', 'R2'),
            new SwitchDirectly(['A1']),
        );
        yield 'gate on a rail of 24 V' => Planted::in(
            'drive.gate-overvoltage',
            'A1',
            Severity::Broken,
            '×0.825',
            $high(100.0),
            $high(10e3),
            $directly,
            says: 'The gate of “Lamp” gets up to 24.2 V; P-channel MOSFET specified at 10 V (IRF9540 class) bears 20 V.',
            proposes: ['Fit 10 kΩ as gate resistor'],
        );

        yield 'gate all but halved' => Planted::in(
            'drive.gate-overvoltage',
            'A1',
            Severity::Weak,
            '×0.98',
            $high(2.2e3),
            $high(10e3),
            $directly,
            says: 'The gate of “Lamp” gets up to 20.4 V; P-channel MOSFET specified at 10 V (IRF9540 class) bears 20 V.',
            proposes: ['Fit 10 kΩ as gate resistor'],
        );
    }
}
