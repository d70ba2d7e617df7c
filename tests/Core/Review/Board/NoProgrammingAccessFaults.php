<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Controller\StateBareModule;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class NoProgrammingAccessFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'bare module without a header' => Planted::in(
            'board.programming-access',
            'header',
            Severity::Broken,
            '',
            new StateBareModule(programmingAccess: false),
            new StateBuild(fixed: true),
            Starts::assembled(),
            says: 'No header leads to the serial lines, boot and reset of the module: no program gets in once it is soldered.',
            proposes: ['Lead 3.3 V, ground, TX, RX, boot and reset to a header of six pins'],
        );

        yield 'a carrier where a bare module belongs' => Planted::in(
            'board.programming-access',
            'module',
            Severity::Broken,
            '',
            new StateBuild(form: BuildForm::Assembled),
            new StateBuild(fixed: true),
            Starts::built(BuildForm::CarrierBoard),
            says: 'An assembled board carries a bare module; chosen is ESP32 carrier, 38 pins, which wants sockets.',
            proposes: ['Build it on a carrier board with sockets'],
        );
    }
}
