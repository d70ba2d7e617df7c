<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class JumperOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'all coils through one jumper' => Planted::in(
            'board.jumper',
            'moduleA1',
            Severity::Weak,
            '×0.686',
            new StateBuild(form: BuildForm::HandWired),
            new StateBuild(form: BuildForm::Perforated),
            self::sixteen(),
            says: 'One jumper feeds a module whose 16 coils draw 1.46 A; push-on contacts bear about 1 A.',
            proposes: ['Build it on a perforated board'],
        );
    }

    /** Sixteen relays on one module. */
    private static function sixteen(): Board
    {
        $relays = array_map(static fn(int $number): string => 'A' . $number, range(1, 16));

        return (new DriveByModule($relays, TestBoards::part('opto-module-low', OptoModule::class)))->apply(TestBoards::withLines(16));
    }
}
