<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class NoClampFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $array = TestBoards::part('uln2803a', DarlingtonArray::class);
        $onArray = static fn(Edit ...$more): Edit => new Sequence(
            'array',
            [new ChooseDriver(['A1'], new ArrayChannel('uln2803a'), [$array]), ...array_values($more)],
        );
        yield 'transistor without a diode' => Planted::in(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            new StateClamp(['A1'], Clamp::None),
            new StateClamp(['A1'], Clamp::Diode),
            says: 'Nothing clamps the coil of “Lamp”: each switching off strikes its driver.',
            proposes: ['Fit a diode across the coil, cathode to the rail'],
        );

        yield 'array with its common pin open' => Planted::in(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            $onArray(new StateClamp(['A1'], Clamp::None)),
            $onArray(new StateClamp(['A1'], Clamp::Diode)),
            says: 'The common pin of the array at “Lamp” is open, so its clamp diodes do nothing: each switching off strikes the array.',
            proposes: ['Connect the common pin to the coils’ rail'],
        );

        yield 'valve without a diode' => Planted::in(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            Planted::both(Starts::mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::None)),
            Planted::both(Starts::mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::Diode)),
            Starts::valveOnItsOwnDriver(),
            says: 'Nothing clamps the coil of “Lamp”: each switching off strikes its driver.',
            proposes: ['Fit a diode across the coil, cathode to the rail'],
        );

        $bridge = TestBoards::part('drv8837', BridgeDriver::class);
        $bridged = static fn(Edit ...$more): Edit => new Sequence(
            'bridged',
            [
                Starts::bistable('A1', 'bistable-5v-one'),
                new ChooseDriver(['A1'], new BridgeOutput('drv8837'), [$bridge]),
                new AddSecondWinding('A1'),
                new SeatFunction('F6', '21'),
                ...array_values($more),
            ],
        );
        yield 'diode across a winding on a bridge' => Planted::in(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            $bridged(new StateClamp(['A1'], Clamp::Diode)),
            $bridged(new StateClamp(['A1'], Clamp::None)),
            says: 'A diode across the winding of “Lamp” shorts its bridge each time the current is turned round.',
            proposes: ['Leave the diode out'],
        );
    }
}
