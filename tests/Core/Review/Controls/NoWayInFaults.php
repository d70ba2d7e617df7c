<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LinkKind;
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
            proposes: ['Add a serial link for it on GPIO17 (printed 17) and GPIO16 (printed 16)', 'Use the radio inside the controller'],
        );

        $listening = static fn(LinkKind $link): Edit => new ChangeChannel('C1', link: $link);
        yield 'module that only listens, without its pin' => Planted::in(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            $listening(LinkKind::Listens),
            Planted::both($listening(LinkKind::Listens), new AddFunction(FunctionKind::UartReceive, 'Radio')),
            $radio,
            says: '“Far” is a module on one pin, receives only, and the board has no UART receive.',
            proposes: ['Add a serial link for it on GPIO16 (printed 16)', 'Use the radio inside the controller'],
        );

        $esp8266 = TestBoards::edited(
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Far'),
            new PutOnChannel('C1', ['L1']),
            new AddGroup(GroupKind::Uart, 'Radio'),
        );
        yield 'serial over the air on a chip that has none' => Planted::in(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            $listening(LinkKind::Inside),
            $listening(LinkKind::BothWays),
            $esp8266,
            says: '“Far” is to be inside the controller, and the ESP8266 has no short-range radio.',
            proposes: ['Use a module on two pins'],
        );

        yield 'serial over the air with the radio off' => Planted::in(
            'controls.no-way-in',
            'C1',
            Severity::Broken,
            '',
            Planted::both($listening(LinkKind::Inside), new StateRadio(false)),
            Planted::both($listening(LinkKind::Inside), new StateRadio(true)),
            $radio,
            says: '“Far” comes by radio, which the program is stated not to use.',
            proposes: ['State that the radio is used'],
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
