<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\PairRelay;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BothPolesFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $twoPoles = new ChooseRelay(['A1', 'A2'], TestBoards::part('two-pole-5v', Relay::class));
        yield 'one pole behind a plug that fits both ways' => Planted::in(
            'mains.both-poles',
            'L1',
            Severity::Danger,
            '',
            new StateBox(inlet: InletKind::Reversible),
            Planted::both(new StateBox(inlet: InletKind::Reversible), $twoPoles, new StateConductor(['L1', 'L2'], SwitchedConductor::Both)),
            says: '“Lamp” is switched in one conductor, behind a plug that fits both ways: it can be live while it is off.',
            proposes: [
                'Switch both conductors by two-pole relay 5 V, 0.4 W, 8 A, stated reinforced',
                'Switch both by a second relay on the same output (this is no isolation)',
            ],
        );

        yield 'one pole of two hots' => Planted::in(
            'mains.both-poles',
            'L2',
            Severity::Danger,
            '',
            new StateBox(inlet: InletKind::TwoHots, bothFused: true),
            Planted::both(
                new StateBox(inlet: InletKind::TwoHots, bothFused: true),
                new PairRelay(['A1', 'A2']),
                new StateConductor(['L1', 'L2'], SwitchedConductor::Both),
            ),
            says: '“Airer” is switched in one conductor, behind two live conductors: it can be live while it is off.',
            proposes: [
                'Switch both conductors by two-pole relay 5 V, 0.4 W, 8 A, stated reinforced',
                'Switch both by a second relay on the same output (this is no isolation)',
            ],
        );

        yield 'both conductors stated of a relay with one pole' => Planted::in(
            'mains.both-poles',
            'L1',
            Severity::Danger,
            '',
            new StateConductor(['L1'], SwitchedConductor::Both),
            Planted::both($twoPoles, new StateConductor(['L1'], SwitchedConductor::Both)),
            says: '“Lamp” is stated to be switched in both conductors, but Relay 5 V, 0.4 W, 16 A, stated reinforced has one pole: the '
                    . 'other conductor stays live.',
            proposes: [
                'Switch both conductors by two-pole relay 5 V, 0.4 W, 8 A, stated reinforced',
                'Switch both by a second relay on the same output (this is no isolation)',
            ],
        );
    }
}
