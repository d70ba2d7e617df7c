<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ControllerVoltageFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $twelve = TestBoards::part('module-12v-10w', Supply::class);
        yield 'controller on 12 V' => Planted::in(
            'power.controller-voltage',
            'R1',
            Severity::Broken,
            '12.2 V',
            new ChooseSupply('R1', $twelve),
            Planted::both(new AddRail('12 V', $twelve), new FeedCoils(['A1'], 'R2')),
            says: 'The controller is fed from the rail 5 V, up to 12.2 V; its pin 5V takes 4.75 V to 5.25 V.',
            proposes: ['Feed the controller through Step-down board to 5 V, 2 A'],
        );
    }
}
