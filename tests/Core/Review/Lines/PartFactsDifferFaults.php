<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Lines;

use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class PartFactsDifferFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $cube = TestBoards::part('cube-5v', Relay::class);
        $claims = new ChooseRelay(['A1'], Copy::of($cube, ['contactAcAmps' => 9.0]));
        yield 'cube relay that says otherwise than the catalogue' => Planted::in(
            'lines.part-facts',
            'cube-5v',
            Severity::Weak,
            '',
            $claims,
            new ChooseRelay(['A1'], $cube),
            says: 'The facts of Cube relay 5 V, 0.36 W, 10 A that came with this board are not the catalogue’s: contactAcAmps is “9 '
                    . 'A” here and “10 A” there. Choose under “The board as a whole” whose to take.',
            proposes: ['Take the catalogue’s facts'],
        );
    }
}
