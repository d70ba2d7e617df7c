<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class CompressorRestFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $cooler = new ChooseAppliance('L1', TestBoards::part('cooler', Appliance::class));
        yield 'cooler without a rest' => Planted::in(
            'mains.compressor-rest',
            'L1',
            Severity::Weak,
            '60 s',
            Planted::both($cooler, new StateSafety(['L1'], restSeconds: 60.0)),
            Planted::both($cooler, new StateSafety(['L1'], restSeconds: 240.0)),
            says: '“Lamp” may start again after 60 s; its compressor wants 180 s.',
            proposes: ['Let it rest for 4 minutes'],
        );
    }
}
