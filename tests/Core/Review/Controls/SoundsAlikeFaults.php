<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SoundsAlikeFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $voice = TestBoards::edited(TestBoards::sound(), Starts::channel('spoken-assistant'));
        $named = static fn(string $one, string $other): Edit => new Sequence(
            'names',
            [new RenameLine('L1', $one), new RenameLine('L2', $other)],
        );
        yield 'lamp two and lamp 2' => Planted::in(
            'controls.sounds-alike',
            'S4',
            Severity::Weak,
            '',
            $named('Lamp two', 'Lamp 2'),
            $named('Lamp two', 'Lamp 3'),
            $voice,
            says: '“Lamp two” and “Lamp 2” are the same, once as a digit and once as a word on “Far”.',
            proposes: ['Call it “Heated airer” there'],
        );

        yield 'fan and van' => Planted::in(
            'controls.sounds-alike',
            'S4',
            Severity::Weak,
            '',
            $named('Fan heater', 'Van heater'),
            $named('Fan heater', 'Desk heater'),
            $voice,
            says: '“Fan heater” and “Van heater” are alike in sound on “Far”.',
            proposes: ['Call it “Heated airer” there'],
        );

        yield 'one name within another' => Planted::in(
            'controls.sounds-alike',
            'S4',
            Severity::Hint,
            '',
            $named('Airer', 'Tall airer'),
            $named('Lamp', 'Tall airer'),
            $voice,
            says: '“Airer” and “Tall airer” are one within the other on “Far”.',
            proposes: ['Call it “Bravo” there'],
        );
    }
}
