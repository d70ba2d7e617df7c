<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\StateReading;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class TextPrefixFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $radio = TestBoards::edited(
            TestBoards::sound(),
            Starts::channel('serial-radio-text', 'L1'),
            new TellSurface('S3', Operation::Toggle),
        );
        yield 'text that begins another, with nothing to end it' => Planted::in(
            'controls.text-prefix',
            'C1',
            Severity::Broken,
            '',
            new StateReading('C1', LineEnding::None),
            new StateReading('C1', LineEnding::LineFeed),
            $radio,
            says: 'On “Far” nothing says that a text is over, and “L1” begins “L1+”.',
            proposes: ['End each text with a line ending'],
        );
    }
}
