<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\StateSocket;
use IronLatch\Core\Catalogue\JackPolarity;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SocketPolarityFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $adapter = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', $supply('adapter-12v-1a')));
        yield 'socket wired the other way' => Planted::in(
            'power.socket-polarity',
            'R2',
            Severity::Broken,
            '',
            new StateSocket('R2', JackPolarity::CentreNegative),
            new StateSocket('R2', JackPolarity::CentrePositive),
            $adapter,
            says: 'Adapter 12 V, 1 A is centre positive; the socket of the rail 12 V is wired centre negative.',
            proposes: ['Wire the socket centre positive', 'Feed 12 V from Step-up board to 12 V, 600 mA on 5 V'],
        );
    }
}
