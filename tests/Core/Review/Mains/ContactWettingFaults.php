<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ContactWettingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $boiler = new ChooseAppliance('L1', TestBoards::part('boiler-demand', Appliance::class));
        yield 'boiler demand by a power contact' => Planted::in(
            'mains.contact-wetting',
            'A1',
            Severity::Weak,
            '×0.24',
            $boiler,
            Planted::both($boiler, new ChooseRelay(['A1'], TestBoards::part('signal-5v', Relay::class))),
            says: '“Lamp” brings 5 mA at 24 V to a contact that wants 100 mA at 5 V: films on it are not broken.',
            proposes: ['Fit signal relay 5 V, 0.14 W, gold-clad contacts, 2 A'],
        );

        yield 'a load a little below what silver wants' => Planted::in(
            'mains.contact-wetting',
            'A1',
            Severity::Weak,
            '×0.99',
            Planted::both($boiler, new StateLoad('L1', 0.495)),
            Planted::both($boiler, new StateLoad('L1', 0.505)),
            says: '“Lamp” brings 20.6 mA at 24 V to a contact that wants 100 mA at 5 V: films on it are not broken.',
            proposes: ['Fit signal relay 5 V, 0.14 W, gold-clad contacts, 2 A'],
        );
    }
}
