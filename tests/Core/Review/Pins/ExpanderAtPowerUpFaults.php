<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class ExpanderAtPowerUpFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $register = TestBoards::part('74hct595', Expander::class);
        yield 'shift register that nothing holds off' => Planted::in(
            'pins.expander-at-power-up',
            'A1',
            Severity::Broken,
            '5.05 V',
            Planted::both(new FitExpander($register, 'R1', false), new SeatFunction('F1', 'X1.Q0')),
            Planted::both(new FitExpander($register, 'R1', true), new SeatFunction('F1', 'X1.Q0')),
            says: 'After power-up X1.Q0 is toggling, and the relay of “Lamp” pulls in until the program has written to the expander.',
            proposes: ['Hold its outputs off with a pull-up on output-enable'],
        );

        yield 'airer on a shift register that nothing holds off' => Planted::in(
            'pins.expander-at-power-up',
            'A2',
            Severity::Danger,
            '5.05 V',
            Planted::both(new FitExpander($register, 'R1', false), new SeatFunction('F2', 'X1.Q0')),
            Planted::both(new FitExpander($register, 'R1', true), new SeatFunction('F2', 'X1.Q0')),
            says: 'After power-up X1.Q0 is toggling, and the relay of “Airer” pulls in until the program has written to the expander.',
            proposes: ['Hold its outputs off with a pull-up on output-enable'],
        );

        $pushPull = new FitExpander(TestBoards::part('mcp23017', Expander::class));
        yield 'gate on an expander that has not been spoken to' => Planted::in(
            'pins.expander-at-power-up',
            'A1',
            Severity::Weak,
            '3.4 V',
            Planted::both($pushPull, Starts::gate('A1', null), new SeatFunction('F1', 'X1.A0')),
            Planted::both($pushPull, Starts::gate('A1', 10e3), new SeatFunction('F1', 'X1.A0')),
            says: 'After power-up X1.A0 is floating, and the relay of “Lamp” may pull in until the program has written to the expander.',
            proposes: ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ'],
        );

        yield 'gate of an airer on an expander that has not been spoken to' => Planted::in(
            'pins.expander-at-power-up',
            'A2',
            Severity::Danger,
            '3.4 V',
            Planted::both($pushPull, Starts::gate('A2', null), new SeatFunction('F2', 'X1.A0')),
            Planted::both($pushPull, Starts::gate('A2', 10e3), new SeatFunction('F2', 'X1.A0')),
            says: 'After power-up X1.A0 is floating, and the relay of “Airer” may pull in until the program has written to the expander.',
            proposes: ['Fit 10 kΩ as gate pull-down', 'Fit a pull-down of 47 kΩ'],
        );
    }
}
