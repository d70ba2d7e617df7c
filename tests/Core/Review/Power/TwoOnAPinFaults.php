<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\WiredBoards;

final class TwoOnAPinFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'ground from pin to pin' => Planted::in(
            'power.two-on-a-pin',
            'board',
            Severity::Weak,
            '',
            new StateWiring(ground: WiringScheme::Chain),
            new StateWiring(ground: WiringScheme::Star),
            WiredBoards::generated()['module'],
            says: 'One terminal takes one wire and gets two: U01 GND.',
            proposes: ['Lead each wire from a bar'],
        );
    }
}
