<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controller\SetI2cBus;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ExpanderBusLevelFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $eight = TestBoards::part('pcf8574', Expander::class);
        $register = TestBoards::part('74hct595', Expander::class);
        yield '5 V expander on a 3.3 V bus' => Planted::in(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '×0.943',
            new FitExpander($eight, 'R1'),
            new FitExpander($eight),
            says: 'The bus of “PCF8574 X1” gives 3.3 V, and a high begins at 3.5 V.',
            proposes: ['Feed it with the controller’s 3.3 V', 'Put a level shifter into the bus'],
        );

        yield '5 V expander behind a level shifter' => Planted::in(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '×0.943',
            new FitExpander($eight, 'R1'),
            Planted::both(new FitExpander($eight, 'R1'), new SetI2cBus('G1', 100e3, 4.7e3, 50e-12, true)),
            says: 'The bus of “PCF8574 X1” gives 3.3 V, and a high begins at 3.5 V.',
            proposes: ['Feed it with the controller’s 3.3 V', 'Put a level shifter into the bus'],
        );

        yield 'shift register of the wrong kind' => Planted::in(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '×0.943',
            new FitExpander(TestBoards::part('74hc595', Expander::class), 'R1'),
            new FitExpander($register, 'R1'),
            says: 'The bus of “74HC595 X1” gives 3.3 V, and a high begins at 3.5 V.',
            proposes: ['Feed it with the controller’s 3.3 V', 'Use the 74HCT595, 8 bits'],
        );

        yield 'shift register below its supply' => Planted::in(
            'pins.expander-bus-level',
            'X1',
            Severity::Broken,
            '',
            new FitExpander($register),
            new FitExpander($register, 'R1'),
            says: '“74HCT595 X1” is made for 4.5 V to 5.5 V and is fed with 3.3 V.',
            proposes: ['Feed it from the rail 5 V'],
        );

        // No supply in the catalogue lies so close: this one is made for the test.
        $close = new Supply(
            new PartIdentity('module-4v6', 1, 'Module 4.6 V', Basis::CommonPractice, 'test'),
            SupplyForm::EncapsulatedModule,
            new Spread(4.5, 4.6, 4.7),
            1.0,
        );
        yield 'expander on 4.6 V' => Planted::in(
            'pins.expander-bus-level',
            'X1',
            Severity::Weak,
            '×0.973',
            Planted::both(new AddRail('4.6 V', $close), new FitExpander($eight, 'R2')),
            new FitExpander($eight),
            says: 'The bus of “PCF8574 X1” gives 3.2 V, and a high begins at 3.29 V at the worst corner.',
            proposes: ['Feed it with the controller’s 3.3 V', 'Put a level shifter into the bus'],
        );
    }
}
