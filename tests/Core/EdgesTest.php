<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BoardIntegrity;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\FeedController;
use IronLatch\Core\Board\Edit\Power\RemoveRail;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Control\PulseTimes;
use IronLatch\Core\Exchange\AssumedFacts;
use IronLatch\Core\Mains\InsulationTables;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Limits that no larger test happens to stand close to, from both sides. */
final class EdgesTest extends TestCase
{
    /** What the paper on the board file promises is what the code allows. */
    public function testTheGreatestCountsAreThoseOfThePaper(): void
    {
        $paper = (string) file_get_contents(dirname(__DIR__, 2) . '/docs/format/README.md');
        $promised = array_flip(['lines', 'functions', 'rails', 'groups', 'expanders', 'devices', 'channels']);
        foreach (array_intersect_key(BoardIntegrity::MOST, $promised) as $what => $most) {
            self::assertStringContainsString("$most $what", $paper);
        }
    }

    public function testAContactIsAbbreviatedAsOnItsCase(): void
    {
        self::assertSame(['NO', 'NC'], [ContactUse::NormallyOpen->abbreviation(), ContactUse::NormallyClosed->abbreviation()]);
    }

    /** Data-sheet curves: from what a coil bears at 20 °C down to 1.1 times its nominal voltage at 70 °C, and no less beyond. */
    public function testWhatACoilBearsInWarmAir(): void
    {
        $relay = TestBoards::part('cube-5v', Relay::class);
        $cold = $relay->greatestCoilVolts(20.0);
        self::assertEqualsWithDelta(1.1 * 5.0, $relay->greatestCoilVolts(70.0), 1e-9);
        self::assertEqualsWithDelta(1.1 * 5.0, $relay->greatestCoilVolts(85.0), 1e-9);
        self::assertEqualsWithDelta(($cold + 1.1 * 5.0) / 2, $relay->greatestCoilVolts(45.0), 1e-9);
        self::assertGreaterThan(1.1 * 5.0 + 1e-6, $relay->greatestCoilVolts(69.0));
    }

    /** Pulse distance: a space of 1687 µs is a 1, stretched or shortened by 400 µs still; beyond that it is no code. */
    public function testHowFarAReceiverMayStretchASpace(): void
    {
        $times = static fn(int $one, int $mark = 562): array => [9000, 4500, ...array_merge(...array_fill(0, 32, [$mark, $one])), $mark];
        foreach ([1300 => 1, 1299 => 0, 2100 => 1, 2101 => 0] as $space => $codes) {
            self::assertCount($codes, PulseTimes::values($times($space)), $space . ' µs');
        }
        foreach ([300 => 1, 299 => 0, 850 => 1, 851 => 0] as $mark => $codes) {
            self::assertCount($codes, PulseTimes::values($times(1687, $mark)), $mark . ' µs');
        }
        foreach ([7200 => 1, 7199 => 0, 10800 => 1, 10801 => 0] as $head => $codes) {
            self::assertCount($codes, PulseTimes::values([$head, ...array_slice($times(1687), 1)]), $head . ' µs');
        }
    }

    public function testAFactOfTheWholeBoardHasNoOwner(): void
    {
        $board = TestBoards::sound()->with(ambient: Fact::unknown());
        self::assertContains('ambient: 40 °C (usual in a closed box)', AssumedFacts::of($board));
    }

    /** IEC 60664-1, table F.3a (from memory): what a supply is rated for decides, on both sides of each step. */
    public function testWorkingVoltagesAreThoseOfSupplies(): void
    {
        $creepage = static fn(float $volts): float => 1e3 * InsulationTables::creepage($volts, 1, 2, false, 3);
        $steps = ['50' => 1.2, '50.1' => 1.25, '63' => 1.25, '63.1' => 1.5, '127' => 1.5, '127.1' => 2.0, '208' => 2.0, '208.1' => 2.5];
        foreach ($steps + ['240' => 2.5, '240.1' => 3.2] as $volts => $millimetres) {
            self::assertEqualsWithDelta($millimetres, $creepage((float) $volts), 1e-9, "$volts V");
        }
    }

    /** Whatever a rail feeds keeps it on the board, each by itself. */
    public function testARailThatFeedsAnythingStays(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)));
        self::assertArrayNotHasKey('R2', (new RemoveRail('R2'))->apply($board)->rails, 'Nothing hangs on it.');
        $others = 'the controller, another rail, a device, a lamp, an expander, a DC appliance or new lines';
        foreach ([
            'a relay' => [new FeedCoils(['A1'], 'R2'), '“Lamp”'],
            'a converter' => [new AddConvertedRail('Logic', TestBoards::part('reg-7805', Converter::class), 'R2'), $others],
            'a device' => [new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', 'R2'), $others],
            'a valve' => [new Sequence('valve', [
                new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class)),
                new FeedAppliance('L1', 'R2'),
            ]), $others],
            'the controller' => [new FeedController('R2'), $others],
        ] as $what => [$edit, $words]) {
            try {
                (new RemoveRail('R2'))->apply(TestBoards::edited($board, $edit));
                self::fail($what . ' was left without its rail.');
            } catch (EditRefused $refused) {
                self::assertSame(
                    "The rail 12 V still feeds something: $words. Feed that from another rail first.",
                    $refused->getMessage(),
                    $what,
                );
            }
        }
    }

    public function testWhyAPinIsImpossibleIsSaidInItsOwnWords(): void
    {
        $ranking = (new Inspection(TestBoards::sound(), TestBoards::catalogue()))->fitness->rank('F1');
        $words = [];
        foreach ($ranking as $fitness) {
            $words[$fitness->pin->name()] = $fitness->reasons;
        }
        self::assertContains('wired to the flash memory inside', $words['GPIO6']);
        self::assertContains('input only, cannot drive anything', $words['GPIO34']);
    }

    /** A coil takes a rail within a tenth of its nominal voltage. */
    public function testWhichRailSuitsACoil(): void
    {
        $relay = TestBoards::part('cube-5v', Relay::class);
        self::assertSame([false, true, true, false], array_map($relay->suitsRail(...), [4.49, 4.51, 5.49, 5.51]));
    }

    /** The slider of a resistor ends at 100 kΩ, unless the circuit wants less. */
    public function testTheGreatestResistorThatIsTried(): void
    {
        $steps = (new MosfetLowSide('mosfet-2v5', 100.0))->resistors()['pullDownOhms']->steps();
        self::assertSame([1e3, 100e3], [$steps[0] ?? 0.0, $steps[count($steps) - 1] ?? 0.0]);
    }

    public function testHowOftenAContactMaySwitch(): void
    {
        $often = static fn(float $times): Board => TestBoards::edited(
            TestBoards::sound(),
            new StateSafety(['L1'], switchingsPerDay: $times),
        );
        self::assertSame(100e3, $often(100e3)->lines['L1']->safety?->switchingsPerDay?->value);
        $this->expectExceptionMessage('A contact switches between 0 and 100000 times a day.');
        $often(100_001.0);
    }

    /** Current through 100 nF at 230 V and 50 Hz is 7.23 mA: a tenth of the current of 16.6 W, and an appliance of more lets go. */
    public function testFromWhichShareASnubberIsNoticed(): void
    {
        $found = static fn(float $watts): bool => null !== TestBoards::inspect(TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('vent-fan', Appliance::class)),
            new StateLoad('L1', $watts),
            new StateSafety(['L1'], snubber: Snubber::Rc),
        ))->finding('mains.snubber-glow:L1');
        $factor = TestBoards::part('vent-fan', Appliance::class)->powerFactor;
        $limit = 10 * 230 * 230 * 2 * M_PI * 50 * 100e-9 * $factor;
        self::assertSame([true, false], [$found(0.99 * $limit), $found(1.01 * $limit)]);
    }
}
