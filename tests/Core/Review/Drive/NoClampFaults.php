<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\SwitchDirectly;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class NoClampFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $mosfet = static function (string $id): Edit {
            $part = TestBoards::part($id, Mosfet::class);

            return new ChooseDriver(['A1'], new MosfetLowSide($id, 100.0, 10e3), [$part]);
        };
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

        $valve = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L1', 'R2'),
            new SwitchDirectly(['A1']),
        );
        yield 'valve without a diode' => Planted::in(
            'drive.no-clamp',
            'A1',
            Severity::Broken,
            '',
            Planted::both($mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::None)),
            Planted::both($mosfet('mosfet-2v5'), new StateClamp(['A1'], Clamp::Diode)),
            $valve,
            says: 'Nothing clamps the coil of “Lamp”: each switching off strikes its driver.',
            proposes: ['Fit a diode across the coil, cathode to the rail'],
        );

        $bistable = static fn(string $id, string $relay): Edit => new ChooseRelay([$id], TestBoards::part($relay, Relay::class));
        $bridge = TestBoards::part('drv8837', BridgeDriver::class);
        $bridged = static fn(Edit ...$more): Edit => new Sequence(
            'bridged',
            [
                $bistable('A1', 'bistable-5v-one'),
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
