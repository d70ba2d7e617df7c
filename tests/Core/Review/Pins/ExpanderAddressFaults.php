<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Controller\SetExpander;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ExpanderAddressFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $eight = TestBoards::part('pcf8574', Expander::class);
        $two = Planted::both(new FitExpander($eight), new FitExpander($eight));
        yield 'two expanders on one address' => Planted::in(
            'pins.expander-address',
            'X2',
            Severity::Broken,
            '',
            Planted::both($two, new SetExpander('X2', 0x20, null)),
            Planted::both($two, new SetExpander('X2', 0x27, null)),
            says: '“PCF8574 X1” and “PCF8574 X2” both answer at 0x20.',
            proposes: ['Set it to 0x21'],
        );

        yield 'A variant on the plain one’s address' => Planted::in(
            'pins.expander-address',
            'X1',
            Severity::Broken,
            '',
            Planted::both(new FitExpander(TestBoards::part('pcf8574a', Expander::class)), new SetExpander('X1', 0x20, null)),
            Planted::both(new FitExpander(TestBoards::part('pcf8574a', Expander::class)), new SetExpander('X1', 0x38, null)),
            says: '“PCF8574A X1” is set to 0x20; the PCF8574A, 8 bits has 0x38 to 0x3F.',
            proposes: ['Set it to 0x38', 'It is a PCF8574, 8 bits'],
        );
    }
}
