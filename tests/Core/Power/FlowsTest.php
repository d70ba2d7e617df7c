<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Drivers\HoldCoils;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Power\AddCarrierRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\AddScenario;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\DrawKind;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\FlowItem;
use IronLatch\Core\Power\Flows;
use IronLatch\Core\Power\Scenario;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Where currents come from and go, by sums that can be done on paper. */
final class FlowsTest extends TestCase
{
    public function testScenariosDifferByWhatIsOnAndWhoSends(): void
    {
        $flows = self::flows(TestBoards::sound());
        $drive = DriverAnalysis::of(TestBoards::sound());
        // 100 mA of the chip, 0.3 mA of the sensor, 5 mA of the carrier’s regulator.
        self::assertEqualsWithDelta(0.1053, $flows->amps('R1', Scenario::allOff())->typical, 1e-6);
        $coils = 2 * ($drive->results['A1']->coilAmps->value + $drive->results['A1']->typicalPinAmps);
        self::assertEqualsWithDelta(0.1053 + $coils, $flows->amps('R1', Scenario::allOn())->typical, 1e-6);
        self::assertEqualsWithDelta(0.1053 + $coils + 0.140, $flows->amps('R1', Scenario::radioBurst())->typical, 1e-6);
        self::assertEqualsWithDelta(
            0.1053 + $coils / 2 + 0.140,
            $flows->amps('R1', Scenario::of('P1', 'One', ['L1'], true))->typical,
            1e-6,
        );
        self::assertSame(
            ['off', 'on', 'burst', 'pull-in', 'P1'],
            array_keys(Scenario::all(TestBoards::edited(TestBoards::sound(), new AddScenario('One', ['L1'], true)))),
        );
    }

    /** Coils that begin 50 ms apart do not pull in together. */
    public function testAGroupThatIsStaggeredFarEnoughIsOnOneAfterTheOther(): void
    {
        $grouped = TestBoards::edited(
            TestBoards::withLines(2),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', ['L1', 'L2']),
            new AddLineGroup(LineGroupKind::All, 'All', ['L1', 'L2'], ['C1']),
        );
        $name = static function (float $seconds) use ($grouped): string {
            $all = Scenario::all(TestBoards::edited($grouped, new StateStagger($seconds)));

            return $all['K1']->name ?? '';
        };
        self::assertSame('“All” on, one after the other', $name(0.05));
        self::assertSame('“All” on at once', $name(0.049));
    }

    /** 1 A at 5 V behind a step-down of 88.9 % on 12 V takes 5 W ÷ 0.889 ÷ 12 V, and its own 5 mA. */
    public function testAStepDownTakesItsPowerAndNotItsCurrent(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ConvertRail('R1', TestBoards::part('buck-5v-2a', Converter::class), 'R2'),
        );
        $flows = self::flows($board);
        $out = $flows->amps('R1', Scenario::allOn())->typical;
        $efficiency = TestBoards::part('buck-5v-2a', Converter::class)->regulation->efficiency($out, 12.0);
        // Between 100 mA at 84 % and 500 mA at 90 %, by the logarithm of the current.
        self::assertEqualsWithDelta(0.84 + log($out / 0.1) / log(5) * 0.06, $efficiency, 1e-9);
        self::assertEqualsWithDelta(0.005 + $out * 5 / $efficiency / 12, $flows->amps('R2', Scenario::allOn())->typical, 1e-9);
        $linear = self::flows(TestBoards::edited($board, new ConvertRail('R1', TestBoards::part('reg-7805', Converter::class), 'R2')));
        self::assertEqualsWithDelta(
            0.005 + $out,
            $linear->amps('R2', Scenario::allOn())->typical,
            1e-9,
            'A linear one takes what it gives.',
        );
    }

    /** Whatever a source gives turns up at a load or as heat in a regulator. */
    public function testNoPowerIsLost(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ConvertRail('R1', TestBoards::part('reg-7805', Converter::class), 'R2'),
            new AddCarrierRail('3.3 V'),
            new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', 'R3'),
        );
        $flows = self::flows($board);
        $on = Scenario::allOn();
        $own = $board->controller()->carrier->regulator;
        self::assertNotNull($own);
        $in = 12 * $flows->amps('R2', $on)->typical;
        $pins = $flows->amps(Draws::PINS, $on)->typical;
        self::assertEqualsWithDelta(
            0.1003 + 2 * DriverAnalysis::of($board)->results['A1']->typicalPinAmps + 0.015,
            $pins,
            1e-9,
            'The display hangs on the carrier’s regulator.',
        );
        $regulation = TestBoards::part('reg-7805', Converter::class)->regulation;
        $heat = $regulation->watts($flows->amps('R1', $on)->typical, 5.0, 12.0, false) + $own->watts($pins, 3.3, 5.0, false);
        $coils = 5 * 2 * DriverAnalysis::of($board)->results['A1']->coilAmps->value;
        self::assertEqualsWithDelta($in, $heat + $coils + 3.3 * $pins, 1e-9);
    }

    public function testAHeldCoilTakesTheSquareOfItsShareAndPullsInWithAll(): void
    {
        $plain = self::flows(TestBoards::sound());
        $held = self::flows(TestBoards::edited(TestBoards::sound(), new HoldCoils(['A1', 'A2'], 0.5)));
        $coil = static fn(Flows $flows, Scenario $scenario): float => array_sum(array_map(
            static fn(FlowItem $item): float => DrawKind::Coil === $item->kind ? $item->amps->typical : 0.0,
            $flows->items('R1', $scenario),
        ));
        self::assertEqualsWithDelta($coil($plain, Scenario::allOn()) / 4, $coil($held, Scenario::allOn()), 1e-9);
        self::assertEqualsWithDelta($coil($plain, Scenario::pullIn()), $coil($held, Scenario::pullIn()), 1e-9);
    }

    public function testAnAttachedDeviceTakesThePlaceOfWhatIsUsual(): void
    {
        $usual = self::flows(TestBoards::sound());
        self::assertNotSame('', $usual->items(Draws::PINS, Scenario::allOn())[3]->because, 'What is assumed says so.');
        $stated = self::flows(TestBoards::edited(
            TestBoards::sound(),
            new AttachDevice(TestBoards::part('humidity-sensor', Device::class), 'Humidity', null, null, 'F5'),
        ));
        self::assertEqualsWithDelta(
            0.5e-3 - 0.3e-3,
            $stated->amps(Draws::PINS, Scenario::allOff())->typical - $usual->amps(Draws::PINS, Scenario::allOff())->typical,
            1e-9,
        );
    }

    public function testPulsesOfBistableCoilsNeverComeTogether(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseRelay(['A1', 'A2'], TestBoards::part('bistable-5v-two', Relay::class)));
        $flows = self::flows($board);
        $coils = array_filter($flows->items('R1', Scenario::pullIn()), static fn(FlowItem $item): bool => DrawKind::Coil === $item->kind);
        self::assertCount(1, $coils);
        self::assertEqualsWithDelta(
            0.0,
            array_sum(array_map(
                static fn(FlowItem $item): float => DrawKind::Coil === $item->kind ? $item->amps->greatest : 0.0,
                $flows->items('R1', Scenario::allOn()),
            )),
            1e-12,
        );
    }

    private static function flows(Board $board): Flows
    {
        return new Flows($board, Draws::of($board, DriverAnalysis::of($board)));
    }
}
