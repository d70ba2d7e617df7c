<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class PadsLeftFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'pads between mains and the rest' => Planted::in(
            'board.pads-left',
            'pads',
            Severity::Danger,
            '',
            new StateBuild(padsRemoved: false),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::Perforated),
            says: 'Pads stay between mains and low voltage; 4 rows of holes have to be free of them.',
            proposes: ['Build it on a carrier board with sockets', 'Take them off, and say so'],
        );
    }
}
