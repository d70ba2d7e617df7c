<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class NumberIsPrintFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $service = TestBoards::edited(TestBoards::sound(), Starts::channel('numbered-service'));
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
