<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateBareModule;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class BareModuleFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $bare = TestBoards::edited(TestBoards::bare('esp32-module', 'esp32'), new AddFunction(FunctionKind::Button, 'Button'));
        $around = static fn(bool $pulled, bool $led): Edit => new StateBareModule($pulled, $led);
        yield 'module whose reset line hangs in the air' => Planted::in(
            'pins.bare-module',
            'reset',
            Severity::Broken,
            '',
            $around(false, true),
            $around(true, true),
            $bare,
            says: 'Nothing pulls the reset line of the module up: it starts by chance, or not at all.',
            proposes: ['Fit 10 kΩ up and 1 µF down at its reset line'],
        );
    }
}
