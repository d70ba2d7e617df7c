<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class IsolationClaimedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $module = TestBoards::part('opto-module-low', OptoModule::class);
        $isolating = static fn(bool $jumperOff): Edit => new ChooseDriver(
            ['A1'],
            new OptoModuleInput('opto-module-low', Level::Low, $jumperOff, true),
            [$module],
        );
        $ownRail = new AddRail('Coils', TestBoards::part('module-5v-5w', Supply::class));
        yield 'isolation on one rail' => Planted::in(
            'drive.isolation-claimed',
            'A1',
            Severity::Weak,
            '',
            $isolating(true),
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating(true)),
            says: 'The driver of “Lamp” is counted on to isolate, but its coil hangs on the controller’s own rail.',
            proposes: ['Count on no isolation here'],
        );

        yield 'isolation with the jumper on' => Planted::in(
            'drive.isolation-claimed',
            'A1',
            Severity::Weak,
            '',
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating(false)),
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating(true)),
            says: 'The driver of “Lamp” is counted on to isolate, but its inputs are fed from the coils’ rail.',
            proposes: ['Count on no isolation here'],
        );

        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $ownRail = new AddRail('Coils', $supply('module-5v-5w'));
        $isolating = new ChooseDriver(['A1'], new OptoModuleInput('opto-module-low', Level::Low, true, true), [$module]);
        yield 'isolation with joined grounds' => Planted::in(
            'drive.isolation-claimed',
            'A1',
            Severity::Weak,
            '',
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating, new StateGround('R2', true)),
            Planted::both($ownRail, new FeedCoils(['A1'], 'R2'), $isolating, new StateGround('R2', false)),
            says: 'The driver of “Lamp” is counted on to isolate, but the grounds of both rails are joined.',
            proposes: ['Count on no isolation here'],
        );
    }
}
