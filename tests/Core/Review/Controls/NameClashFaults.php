<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;

final class NameClashFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'names that differ in blanks and capitals' => Planted::in(
            'controls.name-clash',
            'L2',
            Severity::Broken,
            '',
            new RenameLine('L2', 'la-MP'),
            new RenameLine('L2', 'Lamp 2'),
            says: '“Lamp” and “la-MP” are the same name when spoken or typed.',
            proposes: ['Rename it to “la-MP 2”'],
        );
    }
}
