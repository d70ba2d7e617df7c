<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BarrierTooNarrowFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield '3 mm between mains and a button' => Planted::in(
            'mains.barrier',
            'creepage',
            Severity::Danger,
            '×0.6',
            new StateBox(clearanceMetres: 3e-3, creepageMetres: 3e-3),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
            says: 'The creepage between mains and low voltage is 3 mm; reinforced insulation wants 5 mm here.',
            proposes: ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
        );

        $closed = TestBoards::closed();
        $asLive = new StateBox(touchable: false, socketReachable: false);
        yield '1 mm though the low-voltage side is treated as live' => Planted::in(
            'mains.barrier',
            'creepage',
            Severity::Danger,
            '×0.4',
            Planted::both($asLive, new StateBox(clearanceMetres: 1e-3, creepageMetres: 1e-3)),
            Planted::both($asLive, new StateBox(clearanceMetres: 2.5e-3, creepageMetres: 2.5e-3)),
            $closed,
            says: 'The creepage between mains and low voltage is 1 mm; basic insulation wants 2.5 mm here.',
            proposes: ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
        );

        yield 'heater in an aquarium at a living room’s distance' => Planted::in(
            'mains.barrier',
            'creepage',
            Severity::Danger,
            '×0.75',
            Planted::both(
                new ChooseAppliance('L1', TestBoards::part('aquarium-heater', Appliance::class)),
                new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
            ),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
            says: 'The creepage between mains and low voltage is 6 mm; reinforced insulation wants 8 mm here.',
            proposes: ['Lay it out with 6 mm of clearance and 8 mm of creepage'],
        );

        yield 'box on a lead, laid out for the wall' => Planted::in(
            'mains.barrier',
            'clearance',
            Severity::Danger,
            '×0.909',
            new StateBox(clearanceMetres: 5e-3, creepageMetres: 8e-3, overvoltage: OvervoltageCategory::Fixed),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 8e-3, overvoltage: OvervoltageCategory::Fixed),
            says: 'The clearance between mains and low voltage is 5 mm; reinforced insulation wants 5.5 mm here.',
            proposes: ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
        );

        yield 'distances of the valley on a mountain' => Planted::in(
            'mains.barrier',
            'clearance',
            Severity::Danger,
            '×0.775',
            new StateBox(clearanceMetres: 3e-3, creepageMetres: 8e-3, altitudeMetres: 4000.0),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 8e-3, altitudeMetres: 4000.0),
            says: 'The clearance between mains and low voltage is 3 mm; reinforced insulation wants 3.87 mm here.',
            proposes: ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
        );

        yield '5.5 mm, by the standard enough' => Planted::in(
            'mains.barrier',
            'creepage',
            Severity::Hint,
            '5.5 mm',
            new StateBox(clearanceMetres: 5.5e-3, creepageMetres: 5.5e-3),
            new StateBox(clearanceMetres: 6e-3, creepageMetres: 6e-3),
            says: 'The creepage between mains and low voltage is 5.5 mm; by habit 6 mm are kept, with a milled slot.',
            proposes: ['Lay it out with 6 mm of clearance and 6 mm of creepage'],
        );
    }
}
