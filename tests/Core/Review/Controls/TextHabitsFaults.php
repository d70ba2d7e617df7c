<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\StateReading;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class TextHabitsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $words = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-words', 'L1'));
        yield 'words that a phone begins with a capital' => Planted::in(
            'controls.text-habits',
            'C1',
            Severity::Weak,
            '',
            new StateReading('C1', LineEnding::Either, false, true),
            new StateReading('C1', LineEnding::Either, true, true),
            $words,
            says: 'A phone types “Lamp on” for “lamp on”, and on “Far” the program tells capitals apart.',
            proposes: ['Take capitals and small letters as the same'],
        );

        yield 'blank behind a word' => Planted::in(
            'controls.text-habits',
            'C1',
            Severity::Weak,
            '',
            new StateReading('C1', LineEnding::Either, true, false),
            new StateReading('C1', LineEnding::Either, true, true),
            $words,
            says: 'A phone that completes the word types “lamp on ” with a blank behind it, which on “Far” is part of the text.',
            proposes: ['Leave blanks before and behind out'],
        );

        yield 'line ending that an app does not send' => Planted::in(
            'controls.text-habits',
            'C1',
            Severity::Weak,
            '',
            new StateReading('C1', LineEnding::LineFeed, true, false),
            new StateReading('C1', LineEnding::Either, true, false),
            TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text', 'L1')),
            says: 'On “Far” only “line feed” ends a text: an app that sends the other one is not heard.',
            proposes: ['Take either ending'],
        );
    }
}
