<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\StateLamp;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class LampCurrentFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $lamp = TestBoards::edited(
            TestBoards::sound(),
            new AddFunction(FunctionKind::StatusLed, 'State'),
            new SeatFunction('F6', '27'),
        );
        yield 'lamp without a resistor' => Planted::in(
            'pins.lamp-current',
            'F6',
            Severity::Broken,
            '70 mA',
            new StateLamp('F6', LampColour::Red, 0.0),
            new StateLamp('F6', LampColour::Red, 680.0),
            $lamp,
            says: '“State” draws 70 mA, and its pin bears 40 mA.',
            proposes: ['Fit 820 Ω', 'Take a red one, with 820 Ω'],
        );

        yield 'lamp that draws more than is planned' => Planted::in(
            'pins.lamp-current',
            'F6',
            Severity::Weak,
            '13.1 mA',
            new StateLamp('F6', LampColour::Red, 118.0),
            new StateLamp('F6', LampColour::Red, 130.0),
            $lamp,
            says: '“State” draws up to 13.1 mA, and 12 mA are planned for a pin.',
            proposes: ['Fit 820 Ω', 'Take a red one, with 820 Ω'],
        );

        yield 'white lamp that stays dark' => Planted::in(
            'pins.lamp-current',
            'F6',
            Severity::Weak,
            '0 A',
            new StateLamp('F6', LampColour::White, 100.0),
            new StateLamp('F6', LampColour::Green, 680.0),
            $lamp,
            says: '“State” may get no more than 0 A, and 300 µA are seen by day.',
            proposes: ['Take a red one, with 820 Ω'],
        );

        yield 'lamp on 12 V that is never off' => Planted::in(
            'pins.lamp-current',
            'F6',
            Severity::Broken,
            '1.56 mA',
            Planted::both(
                new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
                new StateLamp('F6', LampColour::Red, 4700.0, 'R2'),
            ),
            Planted::both(
                new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
                new StateLamp('F6', LampColour::Red, 680.0, ''),
            ),
            $lamp,
            says: '“State” is never off: 1.56 mA still flows against its pin, and 50 µA are seen.',
            proposes: ['Feed it from its pin, with 820 Ω'],
        );
    }
}
