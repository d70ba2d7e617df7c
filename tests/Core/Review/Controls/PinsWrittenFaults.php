<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class PinsWrittenFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $service = TestBoards::edited(TestBoards::sound(), Starts::channel('pin-service-chip', 'L1'));
        yield 'service that writes one pin of two' => Planted::in(
            'controls.pins-written',
            'S3',
            Severity::Broken,
            '',
            Planted::both(new AddRelay('L1'), new SeatFunction('F6', '21')),
            Planted::both(new AddRelay('L1'), new SeatFunction('F6', '21'), new RemoveSurface('S3')),
            $service,
            says: '“Far” writes the pin of “Lamp” past the program, and the line has 2 relays that must move together.',
            proposes: ['Take the line off it'],
        );

        yield 'service that writes past the rest of a line' => Planted::in(
            'controls.pins-written',
            'S3',
            Severity::Weak,
            '',
            new StateSafety(['L1'], restSeconds: 300.0),
            new StateSafety(['L1'], restSeconds: 0.0),
            $service,
            says: '“Far” writes the pin of “Lamp” past the program, which then cannot let it rest before it starts again.',
            proposes: ['Take the line off it'],
        );

        yield 'service whose own table lacks the pin' => Planted::in(
            'controls.pins-written',
            'S3',
            Severity::Broken,
            '',
            new SeatFunction('F1', '23'),
            new SeatFunction('F1', '13'),
            TestBoards::edited(TestBoards::sound(), Starts::channel('pin-service-own', 'L1')),
            says: '“Far” writes the pin of “Lamp” past the program, and has no number for GPIO23 (printed 23).',
            proposes: ['Take the line off it'],
        );
    }
}
