<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Edit\Controller\FitExpander;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddGuard;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class GuardNotIndependentFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $guard = Planted::both(new AddGuard('L2'), new SeatFunction('F6', '21'));
        $array = static fn(string $relay, string $package): ChooseDriver => new ChooseDriver(
            [$relay],
            new ArrayChannel('uln2003a', $package),
            [TestBoards::part('uln2003a', DarlingtonArray::class)],
        );
        yield 'guard in the driver package of what it guards' => Planted::in(
            'mains.guard-not-independent',
            'A3',
            Severity::Weak,
            '',
            Planted::both($guard, $array('A2', 'U1'), $array('A3', 'U1')),
            Planted::both($guard, $array('A2', 'U1'), $array('A3', 'U2')),
            says: 'The guard of “Airer” hangs on the same driver package as the relay that it guards.',
            proposes: ['Drive the guard by NPN 2N2222A class with 560 Ω'],
        );

        $expander = Planted::both(
            new AddGuard('L2'),
            new FitExpander(TestBoards::part('mcp23017', Expander::class), 'R1'),
            new SeatFunction('F2', 'X1.A0'),
        );
        yield 'guard on the expander of what it guards' => Planted::in(
            'mains.guard-not-independent',
            'A3',
            Severity::Weak,
            '',
            Planted::both($expander, new SeatFunction('F6', 'X1.A1')),
            Planted::both($expander, new SeatFunction('F6', '21')),
            says: 'The guard of “Airer” hangs on the same expander as the relay that it guards.',
            proposes: ['Seat it on GPIO25 (printed 25)'],
        );
    }
}
