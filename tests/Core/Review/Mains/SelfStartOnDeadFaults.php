<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SelfStartOnDeadFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'airer on the NC contact' => Planted::in(
            'mains.on-when-dead',
            'A2',
            Severity::Danger,
            '',
            new ChooseContact(['A2'], ContactUse::NormallyClosed),
            new ChooseContact(['A1'], ContactUse::NormallyClosed),
            says: '“Airer” must never start by itself, but hangs on the normally closed contact: it is on whenever the board is dead or '
                    . 'starting.',
            proposes: ['Use the normally open contact'],
        );

        $heater = new ChooseAppliance('L2', TestBoards::part('portable-heater', Appliance::class));
        yield 'bistable relay on what must not start by itself' => Planted::in(
            'mains.on-when-dead',
            'A2',
            Severity::Danger,
            '',
            Planted::both($heater, Starts::bistable('A2', 'bistable-5v-two')),
            Planted::both($heater, Starts::bistable('A2', 'cube-5v')),
            says: '“Airer” must never start by itself, but its bistable relay keeps its contact closed through a power cut: it starts '
                    . 'when the mains comes back.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'airer as one end of a two-way circuit' => Planted::in(
            'mains.on-when-dead',
            'A2',
            Severity::Danger,
            '',
            new MakeTwoWay('L2'),
            new MakeTwoWay('L1'),
            says: '“Airer” must never start by itself, but is one end of a two-way circuit: when its relay lets go, that switches it on '
                . 'half of the time.',
            proposes: ['Take it out of the two-way circuit'],
        );
    }
}
