<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\Seal;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class NotSealedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $pump = new ChooseAppliance('L1', TestBoards::part('return-pump', Appliance::class));
        yield 'pump in water beside an open box' => Planted::in(
            'mains.not-sealed',
            'board',
            Severity::Danger,
            '',
            Planted::both($pump, new StateBox(seal: Seal::None)),
            Planted::both($pump, new StateBox(seal: Seal::Splash)),
            says: 'The enclosure does not keep splashing water out, but “Lamp” stands in water or beside it.',
            proposes: ['Use an enclosure against splashing water (IPX4)'],
        );

        yield 'open box in a damp place' => Planted::in(
            'mains.not-sealed',
            'board',
            Severity::Weak,
            '',
            new StateBox(pollution: PollutionDegree::Damp, seal: Seal::None),
            new StateBox(pollution: PollutionDegree::Clean, seal: Seal::None),
            says: 'The enclosure does not keep splashing water out, but it is damp or dusty there.',
            proposes: ['Use an enclosure against splashing water (IPX4)'],
        );
    }
}
