<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class TwoInAClampFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'chain through clamps for one' => Planted::in(
            'mains.two-in-a-clamp',
            'board',
            Severity::Danger,
            '',
            new StateWiring(mains: WiringScheme::Chain, twoInAClamp: false),
            new StateWiring(mains: WiringScheme::Chain, twoInAClamp: true),
            says: 'Live and neutral run from one terminal to the next, so that two conductors lie in clamps that take one.',
            proposes: ['Lead each wire from a bar'],
        );
        yield 'chain, where a star would need no clamp for two' => Planted::in(
            'mains.two-in-a-clamp',
            'board',
            Severity::Danger,
            '',
            new StateWiring(mains: WiringScheme::Chain, twoInAClamp: false),
            new StateWiring(mains: WiringScheme::Star, twoInAClamp: false),
            says: 'Live and neutral run from one terminal to the next, so that two conductors lie in clamps that take one.',
            proposes: ['Lead each wire from a bar'],
        );
    }
}
