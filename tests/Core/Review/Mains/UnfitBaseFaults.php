<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class UnfitBaseFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new StateBox(oneCircuit: true);
        yield 'box of wood' => Planted::in(
            'mains.unfit-base',
            'board',
            Severity::Danger,
            '',
            new StateBox(enclosure: BaseMaterial::Wood),
            $nothing,
            says: 'What carries and encloses the mains parts is wood or cardboard.',
            proposes: ['Use a flame-rated enclosure that needs a tool to open'],
        );

        yield 'box of some plastic' => Planted::in(
            'mains.unfit-base',
            'board',
            Severity::Weak,
            '',
            new StateBox(enclosure: BaseMaterial::OtherPlastic),
            $nothing,
            says: 'What carries and encloses the mains parts is plastic of unknown kind.',
            proposes: ['Use a flame-rated enclosure that needs a tool to open'],
        );
    }
}
