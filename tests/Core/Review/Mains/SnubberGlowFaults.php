<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SnubberGlowFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'snubber across a lamp' => Planted::in(
            'mains.snubber-glow',
            'L1',
            Severity::Weak,
            '7.23 mA',
            new StateSafety(['L1'], snubber: Snubber::Rc),
            new StateSafety(['L1'], snubber: Snubber::Varistor),
            says: '7.23 mA leak across the open contact of “Lamp”, which draws 157 mA: its lamp may glow.',
            proposes: ['Put the snubber across the appliance', 'Take the snubber off'],
        );

        $fan = new ChooseAppliance('L1', TestBoards::part('vent-fan', Appliance::class));
        yield 'snubber across a fan of 3 W' => Planted::in(
            'mains.snubber-glow',
            'L1',
            Severity::Weak,
            '7.23 mA',
            Planted::both($fan, new StateLoad('L1', 3.0), new StateSafety(['L1'], snubber: Snubber::Rc)),
            Planted::both($fan, new StateLoad('L1', 3.0), new StateSafety(['L1'], snubber: Snubber::RcAcrossLoad)),
            says: '7.23 mA leak across the open contact of “Lamp”, which draws 21.7 mA: it may not let go.',
            proposes: ['Put the snubber across the appliance'],
        );

        yield 'nothing across a motor' => Planted::in(
            'mains.snubber-glow',
            'L1',
            Severity::Hint,
            '',
            Planted::both($fan, new StateSafety(['L1'], snubber: Snubber::None)),
            Planted::both($fan, new StateSafety(['L1'], snubber: Snubber::Rc)),
            says: 'Nothing damps the contact of “Lamp”, which is an inductive appliance: its arc wears the contact.',
            proposes: ['Fit 100 Ω and 100 nF of class X2 across the appliance', 'Fit 100 Ω and 100 nF of class X2 across the contact'],
        );
    }
}
