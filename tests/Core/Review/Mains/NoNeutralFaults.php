<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\AddPlace;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Board\ResidualDevice;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class NoNeutralFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'switch box without a neutral' => Planted::in(
            'mains.no-neutral',
            'H1',
            Severity::Broken,
            '',
            new StatePlace(['H1'], neutral: NeutralHere::None),
            new StatePlace(['H1'], neutral: NeutralHere::ToBePulled),
            Starts::house(),
            says: 'No neutral reaches “The box”: nothing there can feed the board.',
            proposes: ['Have a neutral of the same circuit pulled in'],
        );
        yield 'switch box without a neutral, and a place that has one' => Planted::in(
            'mains.no-neutral',
            'H1',
            Severity::Broken,
            '',
            Planted::both(
                new AddPlace('Loft', PlaceKind::Appliance),
                new StatePlace(
                    ['H2'],
                    circuits: 1,
                    neutral: NeutralHere::Own,
                    dimmer: false,
                    breakerAmps: 10.0,
                    squareMetres: 1.5e-6,
                    residual: ResidualDevice::TenMilliamperes,
                ),
                new StatePlace(['H1'], neutral: NeutralHere::None),
            ),
            new StatePlace(['H1'], dimmer: false),
            Starts::house(),
            says: 'No neutral reaches “The box”: nothing there can feed the board.',
            proposes: ['Put the board at “Loft”, and leave only the switch here', 'Have a neutral of the same circuit pulled in'],
        );
        $elsewhere = Planted::both(
            new ChooseSupply('R1', TestBoards::part('adapter-5v-2a', Supply::class)),
            new StatePlace(['H1'], neutral: NeutralHere::None),
        );
        yield 'outlet in a box without a neutral, though the board is fed elsewhere' => Planted::in(
            'mains.no-neutral',
            'H1',
            Severity::Broken,
            '',
            Planted::both($elsewhere, new StateSafety(['L1'], outlet: OutletKind::Earthed)),
            Planted::both($elsewhere, new StateSafety(['L1'], outlet: OutletKind::Fixed)),
            Starts::house(),
            says: 'No neutral reaches “The box”: nothing there can feed an outlet, or tell whether an appliance has voltage.',
            proposes: ['Have a neutral of the same circuit pulled in'],
        );
    }
}
