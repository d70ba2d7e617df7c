<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class FuseTooFastFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $fuse = static fn(string $id): Edit => new ChooseFuse(TestBoards::part($id, MainsFuse::class));
        yield 'fast fuse before a lamp' => Planted::in(
            'mains.fuse-fast',
            'board',
            Severity::Weak,
            '',
            $fuse('fuse-glass-2'),
            $fuse('fuse-ceramic-2'),
            says: 'Glass fuse F 2 A is fast, and “Lamp” (electronic lamp) draws many times its current for a moment.',
            proposes: ['Fit ceramic fuse T 2 A'],
        );
    }
}
