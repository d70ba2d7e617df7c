<?php

declare(strict_types=1);

namespace IronLatch\Tests\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Power\AddCarrierRail;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\AddScenario;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Power\DrawKind;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\FlowItem;
use IronLatch\Core\Power\Flows;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\PowerDrawing;
use IronLatch\View\PowerTree;
use PHPUnit\Framework\TestCase;

final class PowerTreeTest extends TestCase
{
    public function testBandsAreAsWideAsTheirCurrentAndEverySourceStandsByItself(): void
    {
        $board = TestBoards::edited(
            TestBoards::withLines(6),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddConvertedRail('Logic', TestBoards::part('ldo-1117-3v3', Converter::class), 'R1'),
            new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', 'R3'),
        );
        $flows = self::flows($board);
        $drawn = (new PowerTree($flows, Scenario::allOn()))->drawn();
        self::assertSame(['R1', 'R2'], array_column($drawn['sources'], 'rail'));
        $bands = array_column($drawn['bands'], null, 'name');
        self::assertSame(
            ['ESP32, dual core', '6 driver inputs', 'ESP32 carrier, 38 pins', 'Display', 'Logic', '6 coils', 'nothing hangs on it'],
            array_keys($bands),
        );
        $coils = array_sum(array_map(
            static fn(FlowItem $item): float => DrawKind::Coil === $item->kind ? $item->amps->typical : 0.0,
            $flows->items('R1', Scenario::allOn()),
        ));
        $greatest = $flows->amps('R1', Scenario::pullIn())->greatest;
        self::assertEqualsWithDelta(26 * $coils / $greatest, $bands['6 coils']['thick'], 1e-9);
        self::assertSame(0.0, $bands['nothing hangs on it']['thick']);
        // Switched off, the same drawing has the same places, and no current in the coils.
        $off = (new PowerTree($flows, Scenario::allOff()))->drawn();
        self::assertSame(array_column($drawn['bands'], 'y', 'name'), array_column($off['bands'], 'y', 'name'));
        self::assertSame(0.0, array_column($off['bands'], 'thick', 'name')['6 coils']);
    }

    public function testNoTwoLoadsStandInOnePlace(): void
    {
        $drawn = (new PowerTree(
            self::flows(TestBoards::edited(
                TestBoards::withLines(3),
                new AddCarrierRail('3.3 V'),
                new AddRail('Battery', TestBoards::part('battery-9v', Supply::class)),
            )),
            Scenario::pullIn(),
        ))->drawn();
        $ends = array_map(
            static fn(array $band): string => json_encode([$band['x'], $band['y']], JSON_THROW_ON_ERROR),
            array_filter($drawn['bands'], static fn(array $band): bool => true === $band['end']),
        );
        self::assertSame(array_unique($ends), $ends);
        foreach ($drawn['bands'] as $band) {
            self::assertLessThan($drawn['height'], $band['y']);
        }
    }

    public function testTheScreenFollowsWhatIsOpened(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddScenario('Evening', ['L1']),
        );
        $inspection = new Inspection($board);
        $context = static fn(string $open): array => array_intersect_key(
            (new PowerDrawing($inspection))->context($open, Inspector::withRuleBook()->inspect($inspection)),
            ['rail_id' => 1, 'scenario' => 1],
        );
        foreach ([
            '' => ['R1', 'pull-in'],
            'R2' => ['R2', 'pull-in'],
            'R2.P1' => ['R2', 'P1'],
            'off' => ['R1', 'off'],
            'R9.nonsense' => ['R1', 'pull-in'],
        ] as $open => [$rail, $scenario]) {
            $is = $context($open);
            self::assertSame([$rail, $scenario], [$is['rail_id'], $is['scenario'] instanceof Scenario ? $is['scenario']->id : null], $open);
        }
    }

    private static function flows(Board $board): Flows
    {
        return new Flows($board, Draws::of($board, DriverAnalysis::of($board)));
    }
}
