<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class NumberIsPrintFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $channel = static fn(string $profile, string ...$lines): Edit => Planted::both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
        $service = TestBoards::edited(TestBoards::sound(), $channel('numbered-service'));
        yield 'number that is printed beside another line’s pin' => Planted::in(
            'controls.number-is-print',
            'S4',
            Severity::Weak,
            '',
            new TellSurface('S4', address: '23'),
            Planted::both(new TellSurface('S3', address: '23'), new TellSurface('S4', address: '61')),
            $service,
            says: '“Airer” is number 23 on “Far”, and 23 is printed beside the pin of “Lamp”.',
            proposes: ['Use the derived number'],
        );
    }
}
