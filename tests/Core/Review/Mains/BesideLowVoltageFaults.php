<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class BesideLowVoltageFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new StateBox(oneCircuit: true);
        yield 'valve among mains contacts' => Planted::in(
            'mains.beside-low-voltage',
            'L3',
            Severity::Danger,
            '',
            new StateBox(lowContactsApart: false),
            $nothing,
            Starts::valveLine(),
            says: 'The contact and wiring of “Valve” lie beside mains without the distance that the rest keeps.',
            proposes: ['Keep the same distance'],
        );
    }
}
