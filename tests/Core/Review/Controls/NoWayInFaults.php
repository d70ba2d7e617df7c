<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class NoWayInFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $nothing = new RenameLine('L1', 'Lamp');
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text'));
        yield 'serial radio without a link' => Planted::in(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            $nothing,
            new AddGroup(GroupKind::Uart, 'Radio'),
            $radio,
            says: '“Far” wants a serial link, and the board has none.',
            proposes: ['Add a serial link for it on GPIO17 (printed 17) and GPIO16 (printed 16)'],
        );

        yield 'broker with the radio off' => Planted::in(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            new StateRadio(false),
            new StateRadio(true),
            $broker,
            says: '“Far” comes by radio, which the program is stated not to use.',
            proposes: ['State that the radio is used'],
        );

        $nano = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        $far = static fn(string $profile): Edit => Planted::both(
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new AddSurface('L1', SurfaceKind::PushButton),
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new PutOnChannel('C1', ['L1']),
        );
        yield 'broker on a controller without a radio' => Planted::in(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            $far('message-broker'),
            $far('local-voice-box'),
            $nano,
            says: '“Far” comes by radio, and the ATmega328P at 5 V has none.',
            proposes: ['Take the channel away'],
        );
    }
}
