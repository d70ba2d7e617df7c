<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class TreatedAsLiveFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $closed = TestBoards::closed();
        $asLive = new StateBox(touchable: false, socketReachable: false);
        yield 'button on a low-voltage side treated as live' => Planted::in(
            'mains.treated-as-live',
            'board',
            Severity::Danger,
            '',
            Planted::both($asLive, new AddSurface('L1', SurfaceKind::PushButton)),
            $asLive,
            $closed,
            says: 'The low-voltage side is treated as live, but this leaves the cover: “Lamp push button” (push button).',
            proposes: ['Keep the low-voltage side apart from mains, so that it may be touched'],
        );

        yield 'USB socket of a low-voltage side treated as live' => Planted::in(
            'mains.treated-as-live',
            'board',
            Severity::Danger,
            '',
            Planted::both($asLive, new StateBox(socketReachable: true)),
            $asLive,
            $closed,
            says: 'The low-voltage side is treated as live, but this leaves the cover: the USB or programming socket.',
            proposes: ['Keep the low-voltage side apart from mains, so that it may be touched'],
        );
    }
}
