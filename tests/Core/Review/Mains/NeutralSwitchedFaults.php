<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class NeutralSwitchedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'neutral alone' => Planted::in(
            'mains.neutral-switched',
            'L1',
            Severity::Danger,
            '',
            new StateConductor(['L1'], SwitchedConductor::Neutral),
            new StateConductor(['L1'], SwitchedConductor::Both),
            says: '“Lamp” is switched in the neutral: the appliance stays live when it is off.',
            proposes: ['Switch the live (brown) conductor instead'],
        );

        yield 'neutral alone on the NC contact' => Planted::in(
            'mains.neutral-switched',
            'L1',
            Severity::Danger,
            '',
            Planted::both(new ChooseContact(['A1'], ContactUse::NormallyClosed), new StateConductor(['L1'], SwitchedConductor::Neutral)),
            new ChooseContact(['A1'], ContactUse::NormallyClosed),
            says: '“Lamp” is switched in the neutral: the appliance stays live when it is off.',
            proposes: ['Switch the live (brown) conductor instead'],
        );
    }
}
