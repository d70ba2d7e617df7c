<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class SolidStateHeatFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'eight amperes without a heat sink' => Planted::in(
            'drive.solid-state-heat',
            'A2',
            Severity::Broken,
            '×0.815',
            Starts::solid('2', 'ssr-25a-zero', 'heated-airer', 2000.0),
            Starts::solid('2', 'ssr-25a-zero', 'heated-airer', 1000.0),
            says: 'The solid-state relay of “Airer” reaches 144 °C inside without a heat sink; it bears 125 °C.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );

        yield 'six amperes without a heat sink' => Planted::in(
            'drive.solid-state-heat',
            'A2',
            Severity::Weak,
            '×0.931',
            Starts::solid('2', 'ssr-25a-zero', 'heated-airer', 1400.0),
            Starts::solid('2', 'ssr-25a-zero', 'heated-airer', 1000.0),
            says: 'The solid-state relay of “Airer” reaches 131 °C inside without a heat sink, at its greatest drop; it bears 125 °C.',
            proposes: ['Fit Relay 5 V, 0.4 W, 16 A, stated reinforced'],
        );
    }
}
