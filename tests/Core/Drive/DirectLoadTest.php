<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Drive;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Clamp;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\StateClamp;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\SwitchDirectly;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** A DC appliance that a driver switches without a relay. */
final class DirectLoadTest extends TestCase
{
    /** A 12 V, 6 W valve is a coil of 24 Ω that draws 0.5 A, once, from the rail that feeds it. */
    public function testAValveIsSolvedAsACoilAndCountedOnce(): void
    {
        $board = self::valve();
        $result = DriverAnalysis::of($board)->results['A1'];
        self::assertEqualsWithDelta(0.5, $result->coilAmps->value, 0.01);
        self::assertEqualsWithDelta(12 / (0.85 * 12), $result->pullIn->nominal->value, 0.01);
        $report = TestBoards::inspect($board);
        self::assertSame(
            [],
            array_map(
                static fn($finding): string => $finding->key() . ': ' . $finding->statement,
                array_filter($report->findings, static fn($finding): bool => 'A1' === $finding->subject),
            ),
        );
        $budget = (new Inspection($board))->power->rails['R2'];
        self::assertContains('Lamp 567 mA', $budget->continuous->inputs);
        self::assertEqualsWithDelta(0.5 / 0.9 * 1.02, $budget->continuous->value, 0.02);
        $json = BoardJson::write($board);
        self::assertSame($json, BoardJson::write(BoardJson::read($json)));
    }

    /** Only what keeps its current going wants a clamp. */
    public function testALampNeedsNoClampAndAMotorStarts(): void
    {
        $strip = new Appliance(TestBoards::part('shut-off-valve', Appliance::class)->identity, LoadKind::Resistive, 6.0, 1.0, 12.0);
        $bare = TestBoards::edited(self::valve(), new StateClamp(['A1'], Clamp::None));
        self::assertNotNull(TestBoards::inspect($bare)->finding('drive.no-clamp:A1'));
        self::assertNull(TestBoards::inspect(TestBoards::edited($bare, new ChooseAppliance('L1', $strip)))->finding('drive.no-clamp:A1'));
        // 30 W run with 2.5 A, but a motor may start with three times that: more than 5.8 A.
        $motor = new Appliance($strip->identity, LoadKind::UniversalMotor, 30.0, 1.0, 12.0);
        $started = TestBoards::inspect(TestBoards::edited(self::valve(), new ChooseAppliance('L1', $motor)))
            ->finding('drive.switch-rating:A1');
        self::assertSame('×0.812', $started?->figures[0]->printed());
        self::assertNull(TestBoards::inspect(TestBoards::edited(
            self::valve(),
            new ChooseAppliance('L1', $motor),
            new StateLoad('L1', 20.0),
        ))->finding('drive.switch-rating:A1'));
    }

    public function testOnlyARelayMaySwitchTheMains(): void
    {
        $lamp = TestBoards::part('led-lamp', Appliance::class);
        foreach ([
            '“Lamp” runs from the mains, and only a relay may switch the mains.' => [TestBoards::sound(), new SwitchDirectly(['A1'])],
            '“Lamp” has no relay, and only a relay may switch the mains. Fit one first.' => [self::valve(),
                new ChooseAppliance('L1', $lamp)],
            '“Lamp” has no relay, and a ready-made module switches nothing but its own. Fit a relay, or choose another driver.' => [
                self::valve(),
                new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)),
            ],
        ] as $sentence => [$board, $edit]) {
            try {
                $edit->apply($board);
                self::fail($sentence);
            } catch (EditRefused|\InvalidArgumentException $refused) {
                self::assertSame($sentence, $refused->getMessage());
            }
        }
        $fitted = TestBoards::edited(
            self::valve(),
            new ChooseRelay(['A1'], TestBoards::part('cube-12v', Relay::class)),
            new ChooseAppliance('L1', $lamp),
        );
        self::assertSame('cube-12v', $fitted->actuator('A1')->relay);
    }

    /** The appliance and its driver stay on one rail. */
    public function testFeedingTheApplianceFeedsItsDriver(): void
    {
        $moved = TestBoards::edited(
            self::valve(),
            new AddRail('12 V, second', TestBoards::part('module-12v-10w', Supply::class)),
            new FeedAppliance('L1', 'R3'),
        );
        self::assertSame('R3', $moved->actuator('A1')->rail);
    }

    private static function valve(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L1', 'R2'),
            new SwitchDirectly(['A1']),
            new ChooseDriver(['A1'], new MosfetLowSide('mosfet-2v5', 100.0, 10e3), [TestBoards::part('mosfet-2v5', Mosfet::class)]),
        );
    }
}
