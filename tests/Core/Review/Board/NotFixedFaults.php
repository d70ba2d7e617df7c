<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class NotFixedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'loose in the box' => Planted::in(
            'board.not-fixed',
            'board',
            Severity::Weak,
            '',
            new StateBuild(fixed: false),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'Board and modules lie loose in the box.',
            proposes: ['Set them on screws and stand-offs'],
        );

        yield 'drivers in the wires' => Planted::in(
            'board.not-fixed',
            'drivers',
            Severity::Weak,
            '',
            new StateBuild(form: BuildForm::HandWired),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'Driver circuits have no board to sit on: 2 transistors or chips with their resistors would hang in the wires.',
            proposes: ['Build it on a perforated board', 'Build it on a carrier board with sockets'],
        );
    }
}
