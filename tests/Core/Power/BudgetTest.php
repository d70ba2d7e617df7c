<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Power\RailBudget;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Sums that can be done on paper. */
final class BudgetTest extends TestCase
{
    /**
     * Eight 5 V coils of 70 Ω and a radio controller: about 0.68 A for good and 0.81 A at peak (common practice); 0.98 A with the
     * greatest peaks that were measured, a 1 A module.
     */
    public function testEightCoilsAndARadioController(): void
    {
        $board = TestBoards::withLines(8);
        $board = TestBoards::edited($board, new ChooseRelay(array_keys($board->actuators()), TestBoards::part('cube-5v', Relay::class)));
        $budget = self::rail($board);
        // On paper, typical: 8 · 5 V ÷ 70 Ω + 100 mA, less the saturation voltage, more the base currents of about 5 mA each.
        self::assertEqualsWithDelta(2.0 / (8 * 4.9 / 70 + 0.1 + 8 * 0.0058), $budget->margin->nominal->value, 0.06);
        // At the corner: 8 · 5.1 V ÷ 63 Ω + 110 mA + 8 · 6.1 mA and 10 mA of the carrier’s regulator, and 290 mA more when the
        // radio sends.
        self::assertEqualsWithDelta(8 * 5.1 / 63 + 0.110 + 8 * 0.0061 + 0.010, $budget->continuous->value, 0.002);
        self::assertEqualsWithDelta($budget->continuous->value + 0.290, $budget->peak->value, 1e-9);
    }

    public function testWithoutTheRadioThereIsNoBurst(): void
    {
        $budget = self::rail(TestBoards::edited(TestBoards::sound(), new StateRadio(false)));
        self::assertSame($budget->continuous->value, $budget->peak->value);
    }

    public function testCoilsCountOnTheirOwnRailAndBasesAtTheController(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)));
        $before = self::rail($board);
        $board = TestBoards::edited(
            $board,
            new ChooseRelay(['A1', 'A2'], TestBoards::part('reinforced-12v', Relay::class)),
            new FeedCoils(['A1', 'A2'], 'R2'),
        );
        self::assertEqualsWithDelta(2 * 12.24 / 324, self::rail($board, 'R2')->continuous->value, 1e-6);
        self::assertEqualsWithDelta($before->continuous->value - 2 * 5.1 / 56, self::rail($board)->continuous->value, 1e-6);
    }

    public function testAModuleTakesItsInputCurrentFromItsOwnRail(): void
    {
        $module = new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class));
        $board = TestBoards::edited(TestBoards::sound(), $module);
        $input = DriverAnalysis::of($board)->results['A1']->pinAmps->value;
        self::assertEqualsWithDelta(2.3e-3, $input, 0.2e-3);
        $base = DriverAnalysis::of(TestBoards::sound())->results['A1']->pinAmps->value;
        self::assertEqualsWithDelta(
            self::rail(TestBoards::sound())->continuous->value - $base + $input,
            self::rail($board)->continuous->value,
            1e-9,
        );
    }

    public function testACoilOnAPinLoadsTheControllerOnly(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new DriveDirectly(['A1', 'A2']));
        // 2 · 3.4 V ÷ (56 Ω + 12 Ω) through the pins, nothing from the rail to the coils; 1 mA for the sensor, 10 mA for the regulator.
        self::assertEqualsWithDelta(0.110 + 2 * 3.4 / 68 + 0.001 + 0.010, self::rail($board)->continuous->value, 1e-6);
    }

    public function testADcApplianceCountsOnItsRailOnceThatIsStated(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('adapter-12v-1a', Supply::class)),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
        );
        self::assertSame(['the rail that feeds “Valve”'], self::rail($board)->unknownLoads);
        $board = TestBoards::edited($board, new FeedAppliance('L3', 'R2'));
        self::assertSame([], self::rail($board)->unknownLoads);
        self::assertEqualsWithDelta(6 / 12, self::rail($board, 'R2')->continuous->value, 1e-9);
    }

    private static function rail(Board $board, string $rail = 'R1'): RailBudget
    {

        return Budget::of($board, DriverAnalysis::of($board))->rails[$rail];
    }
}
