<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Functions\StateRepeated;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class AbsentHandFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new RenameLine('L1', 'Lamp');
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text'));
        $voice = TestBoards::edited(TestBoards::sound(), Starts::channel('spoken-assistant'));
        yield 'airer switched on over a broker' => Planted::in(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            $nothing,
            new TellSurface('S4', Operation::Off),
            $broker,
            says: '“Airer” must never start by itself, but by a network topic (“Far”) somebody who is not there switches it on.',
            proposes: ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
        );

        yield 'airer switched on by a serial radio' => Planted::in(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            $nothing,
            new StateSafety(['L2'], remoteStart: true),
            $radio,
            says: '“Airer” must never start by itself, but by a serial radio (“Far”) somebody who is not there switches it on.',
            proposes: ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
        );

        yield 'airer switched on by a spoken name' => Planted::in(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            $nothing,
            new TellSurface('S4', Operation::Off),
            $voice,
            says: '“Airer” must never start by itself, but by a spoken name (“Far”) somebody who is not there switches it on.',
            proposes: ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
        );

        yield 'airer switched on by a code that something repeats' => Planted::in(
            'mains.absent-hand',
            'S4',
            Severity::Danger,
            '',
            new StateRepeated('F6', true),
            new StateRepeated('F6', false),
            Starts::remote(),
            says: '“Airer” must never start by itself, but by an infrared code that something repeats somebody who is not there '
                    . 'switches it on.',
            proposes: ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
        );
    }
}
