<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Board\Edit\Power\StateUsbTogether;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class UsbBackFeedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $direct = TestBoards::bare('esp32-c3-carrier-16', 'esp32-c3');
        yield 'USB beside a module, nothing said' => Planted::in(
            'power.usb-back-feed',
            'board',
            Severity::Hint,
            '',
            new StateAmbient(40.0),
            new StateUsbTogether(false),
            $direct,
            says: 'Do not plug USB in while Mains module 5 V, 10 W feeds the carrier: nothing on it keeps the two apart.',
            proposes: ['State that both are never plugged in together'],
        );

        yield 'USB beside a module' => Planted::in(
            'power.usb-back-feed',
            'board',
            Severity::Weak,
            '',
            new StateUsbTogether(true),
            new ChooseSupply('R1', $supply('charger-5v-2a'), true),
            $direct,
            says: 'USB is used while Mains module 5 V, 10 W feeds the carrier, and nothing on the carrier keeps the two apart.',
            proposes: ['State that both are never plugged in together'],
        );

        $coils = static fn(bool $throughUsb): Edit => Planted::both(
            new AddRail('Coils', $supply('charger-5v-2a')),
            new ChooseSupply('R2', $supply('charger-5v-2a'), $throughUsb),
            new StateGround('R2', true),
            new FeedCoils(['A1'], 'R2'),
        );
        $quiet = TestBoards::edited(TestBoards::sound(), new StateRadio(false));
        yield 'coils through the socket of a carrier that a module feeds' => Planted::in(
            'power.usb-back-feed',
            'R2',
            Severity::Weak,
            '',
            $coils(true),
            $coils(false),
            $quiet,
            says: 'The rail Coils begins at the carrier’s 5V, which 5 V feeds as well: two sources meet there.',
            proposes: ['Feed the controller from the rail Coils', 'Feed Coils from Mains module 5 V, 3 W'],
        );
    }
}
