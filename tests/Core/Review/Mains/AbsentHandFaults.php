<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\StateRepeated;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class AbsentHandFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new RenameLine('L1', 'Lamp');
        $channel = static fn(string $profile, string ...$lines): Edit => Planted::both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
        $remote = TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::InfraredKey),
        );
        $broker = TestBoards::edited(TestBoards::sound(), $channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), $channel('serial-radio-text'));
        $voice = TestBoards::edited(TestBoards::sound(), $channel('spoken-assistant'));
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
            $remote,
            says: '“Airer” must never start by itself, but by an infrared code that something repeats somebody who is not there '
                    . 'switches it on.',
            proposes: ['Let it only switch off', 'Say that the papers of the appliance allow remote start'],
        );
    }
}
