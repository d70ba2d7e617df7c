<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Wiring\StateWiring;
use IronLatch\Core\Board\WiringScheme;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

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
            says: 'Live and neutral run from one terminal to the next: more conductors lie in a clamp than it takes, F01 2 first.',
            proposes: ['Lead each wire from a bar'],
        );
        yield 'chain of one line and a supply in the box' => Planted::in(
            'mains.two-in-a-clamp',
            'board',
            Severity::Danger,
            '',
            new StateWiring(mains: WiringScheme::Chain, twoInAClamp: false),
            new StateWiring(mains: WiringScheme::Chain, twoInAClamp: true),
            (new RemoveLine('L2'))->apply(TestBoards::sound()),
            says: 'Live and neutral run from one terminal to the next: more conductors lie in a clamp than it takes, F01 2 first.',
            proposes: ['Lead each wire from a bar'],
        );
        yield 'chain, where a star would need no clamp for two' => Planted::in(
            'mains.two-in-a-clamp',
            'board',
            Severity::Danger,
            '',
            new StateWiring(mains: WiringScheme::Chain, twoInAClamp: false),
            new StateWiring(mains: WiringScheme::Star, twoInAClamp: false),
            says: 'Live and neutral run from one terminal to the next: more conductors lie in a clamp than it takes, F01 2 first.',
            proposes: ['Lead each wire from a bar'],
        );
    }
}
