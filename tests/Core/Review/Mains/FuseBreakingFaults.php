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

final class FuseBreakingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $fuse = static fn(string $id): Edit => new ChooseFuse(TestBoards::part($id, MainsFuse::class));
        yield 'glass fuse' => Planted::in(
            'mains.fuse-breaking',
            'board',
            Severity::Danger,
            '50 A',
            $fuse('fuse-glass-5'),
            $fuse('fuse-ceramic-5'),
            says: 'Glass fuse T 5 A breaks 50 A; a short circuit of the mains brings more.',
            proposes: ['Fit ceramic fuse T 2 A'],
        );
    }
}
