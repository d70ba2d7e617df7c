<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class NeutralNotOwnFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'neutral of the next circuit' => Planted::in(
            'mains.neutral-not-own',
            'H1',
            Severity::Danger,
            '',
            new StatePlace(['H1'], neutral: NeutralHere::Borrowed),
            new StatePlace(['H1'], neutral: NeutralHere::Own),
            Starts::house(),
            says: 'The neutral at “The box” belongs to another circuit: it is live while its own breaker is off.',
            proposes: ['Have a neutral of the same circuit pulled in'],
        );
        yield 'neutral that three phases share' => Planted::in(
            'mains.neutral-not-own',
            'H1',
            Severity::Danger,
            '',
            new StatePlace(['H1'], neutral: NeutralHere::Shared),
            new StatePlace(['H1'], neutral: NeutralHere::Own),
            Starts::house(),
            says: 'Several phases share the neutral at “The box”: it carries what no breaker limits.',
            proposes: ['Have a neutral of the same circuit pulled in'],
        );
    }
}
