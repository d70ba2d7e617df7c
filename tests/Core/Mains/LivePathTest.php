<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Mains;

use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Mains\StateTrack;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Control\StepMap;
use IronLatch\Core\Mains\ContactLife;
use IronLatch\Core\Mains\ContactShare;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Mains\LiveState;
use IronLatch\Core\Mains\TrackCurrent;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LivePathTest extends TestCase
{
    /**
     * Currents by the definition of active power, I = P ÷ (U · cos φ).
     *
     * @return iterable<string, array{string, float, string, float}>
     */
    public static function currents(): iterable
    {
        yield 'resistive at 230 V' => ['portable-heater', 2300.0, 'mains-230', 10.0];
        yield 'the same at 120 V' => ['portable-heater', 1200.0, 'mains-120', 10.0];
        yield 'motor with power factor 0.8' => ['dehumidifier', 184.0, 'mains-230', 1.0];
        yield 'lamp with power factor 0.5' => ['led-lamp', 11.5, 'mains-230', 0.1];
        yield '12 V DC whatever the mains' => ['shut-off-valve', 6.0, 'mains-230', 0.5];
    }

    #[DataProvider('currents')]
    public function testTheCurrentOfAnAppliance(string $appliance, float $watts, string $mains, float $amps): void
    {
        $board = TestBoards::edited(
            TestBoards::bare(),
            new ChooseMains(TestBoards::part($mains, MainsSystem::class)),
            new AddLine('X', TestBoards::part($appliance, Appliance::class)),
            new StateLoad('L1', $watts),
        );
        self::assertEqualsWithDelta($amps, LivePath::of($board)->contacts['A1']->amps->value, 1e-9);
    }

    /** Shares of the resistive rating that the trade uses (common practice, from memory). */
    public function testSharesLieWhereTheTradePutsThem(): void
    {
        self::assertSame(1.0, ContactShare::of(LoadKind::Resistive));
        foreach ([
            [LoadKind::ElectronicLamp, 0.05, 0.15],
            [LoadKind::Filament, 0.35, 0.5],
            [LoadKind::InductionMotor, 0.3, 0.4],
            [LoadKind::UniversalMotor, 0.3, 0.4],
        ] as [$kind, $least, $greatest]) {
            self::assertGreaterThanOrEqual($least, ContactShare::of($kind));
            self::assertLessThanOrEqual($greatest, ContactShare::of($kind));
        }
    }

    /** A 6 W or a 60 W LED lamp on a 10 A relay is ordinary: a false alarm here would be our second worst fault. */
    public function testAnOrdinaryLampIsNoOccasion(): void
    {
        foreach ([6.0, 60.0] as $watts) {
            $board = TestBoards::edited(
                TestBoards::sound(),
                new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
                new StateLoad('L1', $watts),
            );
            self::assertSame(MarginState::Sound, LivePath::of($board)->contacts['A1']->margin->state());
        }
    }

    /** 8 A on 16 A by hand: 0.8 · 16 A ÷ (1.1 · 8 A) with the mains 10 % high; a motor rating stands in place of the share. */
    public function testWhatMayBeUsedOfAContact(): void
    {
        $heater = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('heat-belt', Appliance::class)),
            new StateLoad('L1', 1840.0),
        );
        self::assertEqualsWithDelta(0.8 * 16 / (1.1 * 8), LivePath::of($heater)->contacts['A1']->margin->worst->value, 1e-9);
        $relay = Copy::of(TestBoards::part('reinforced-5v', Relay::class), ['contactMotorAmps' => 3.0]);
        $pump = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('return-pump', Appliance::class)),
            new StateLoad('L1', 138.0),
            new ChooseRelay(['A1'], $relay),
        );
        self::assertEqualsWithDelta(3.0 / 1.0, LivePath::of($pump)->contacts['A1']->margin->worst->value, 1e-9);
    }

    public function testAnAssumedPowerIsUsedAndNamedSo(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseAppliance('L1', TestBoards::part('filament-lamp', Appliance::class)));
        $amps = LivePath::of($board)->contacts['A1']->amps;
        self::assertEqualsWithDelta(60 / 230, $amps->value, 1e-9);
        self::assertSame('P = 60 W (assumed)', $amps->inputs[0]);
    }

    public function testDcIsHeldAgainstTheDcRating(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class)));
        $contact = LivePath::of($board)->contacts['A1'];
        self::assertEqualsWithDelta(30 / 12, $contact->volts->nominal->value, 1e-9);
        self::assertEqualsWithDelta(16 / 0.5, $contact->margin->nominal->value, 1e-9);
        self::assertEqualsWithDelta(0.3 * 16 / 0.5, $contact->margin->worst->value, 1e-9);
    }

    /** What the contacts keep apart does not add up; what only the program keeps apart does. */
    public function testTheSumHonoursAnInterlockOfContactsOnly(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new StateLoad('L1', 230.0),
            new ChooseAppliance('L1', TestBoards::part('heat-belt', Appliance::class)),
            new StateLoad('L1', 690.0),
            new AddGroup(GroupKind::NeverTogether, 'Heat', ['F1', 'F2']),
        );
        self::assertEqualsWithDelta(3.0 + 1.0, LivePath::of($board)->total->value, 1e-9);
        self::assertEqualsWithDelta(4.0, LivePath::of(TestBoards::edited($board, new InterlockGroup('G1', false)))->total->value, 1e-9);
        self::assertEqualsWithDelta(3.0, LivePath::of(TestBoards::edited($board, new InterlockGroup('G1', true)))->total->value, 1e-9);
        self::assertEqualsWithDelta(10.0 / 4.0, LivePath::of($board)->shared['lead']->margin->value ?? 0.0, 1e-9, '1 mm² bears 10 A.');
        self::assertNull(LivePath::of($board)->shared['track'] ?? null, 'Mains runs in wires.');
        self::assertEqualsWithDelta(
            TrackCurrent::amps(5e-3, 35e-6, 10.0, false) / 3.0,
            LivePath::of(TestBoards::edited($board, new StateTrack(5e-3)))->shared['track']->margin->value ?? 0.0,
            1e-9,
        );
    }

    /**
     * On a bus of 24 V of direct current nothing shocks, and all that burns is judged by DC: contacts by their DC rating, without a
     * power factor.
     */
    public function testABusOfDirectCurrent(): void
    {
        $faults = [
            new StateConductor(['L1'], SwitchedConductor::Neutral),
            new StateBox(clearanceMetres: 1e-3, creepageMetres: 1e-3, oneCircuit: false, switchesFreed: false, lowContactsApart: false),
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            new StateSafety(['L2'], earthJoined: false),
            new StateLoad('L2', 480.0),
        ];
        $at230 = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), ...$faults));
        $bus = TestBoards::edited(TestBoards::sound(), new ChooseMains(TestBoards::part('dc-24', MainsSystem::class)), ...$faults);
        $at24 = TestBoards::inspect($bus);
        $rules = static fn(Report $report): array => array_values(array_unique(array_map(
            static fn(Finding $one): string => $one->rule->id,
            array_filter($report->findings, static fn(Finding $one): bool => Stage::Mains === $one->rule->stage),
        )));
        self::assertEqualsCanonicalizing(
            [
                'mains.barrier',
                'mains.no-earth',
                'mains.relay-insulation',
                'mains.neutral-switched',
                'mains.two-circuits',
                'mains.switch-not-freed',
            ],
            $rules($at230),
        );
        self::assertEqualsCanonicalizing(
            ['mains.shared-overloaded', 'mains.contact-overloaded', 'mains.fuse-too-small'],
            $rules($at24),
            '20 A of DC through all that is made for 10 A.',
        );
        self::assertEqualsWithDelta(18 / 24, LivePath::of($bus)->contacts['A1']->amps->value, 1e-9);
        self::assertStringContainsString('10 A DC', implode(' ', LivePath::of($bus)->contacts['A1']->margin->nominal->inputs));
    }

    /** A fan of 40 W at 0.6 on 230 V is 794 Ω at 53°; behind 1.5 µF (2122 Ω) it gets a third of its voltage. */
    public function testTheStepsOfAFan(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F6', 'F1']),
            new FitStepCapacitor('G1', 'F1', 1.5e-6),
        );
        $fan = LivePath::of($board)->fans['G1'];
        self::assertSame(['F1', 'F6'], array_keys($fan->steps), 'Slowest first.');
        $appliance = $board->appliance($board->lines['L1']);
        $impedance = 230 ** 2 * $appliance->powerFactor / $appliance->typicalWatts;
        $reactance = $impedance * sqrt(1 - $appliance->powerFactor ** 2);
        $amps = 230 / hypot($impedance * $appliance->powerFactor, $reactance - 1 / (2 * M_PI * 50 * 1.5e-6));
        self::assertEqualsWithDelta($amps, $fan->steps['F1']->amps, 1e-9);
        self::assertEqualsWithDelta(230.0, $fan->steps['F6']->motorVolts, 1e-9);
        self::assertEqualsWithDelta(1.1 * 1.5e-6, $fan->greatestFarads, 1e-15);
        // The corner by hand: mains 10 % high, the capacitor 10 % to the side that comes nearest to resonance.
        $at = static fn(float $farads): float => 253 / hypot(
            $impedance * $appliance->powerFactor,
            $reactance - 1 / (2 * M_PI * 50 * $farads),
        ) / (2 * M_PI * 50 * $farads);
        self::assertEqualsWithDelta(max($at(1.35e-6), $at(1.5e-6), $at(1.65e-6)), $fan->greatestCapacitorVolts, 1e-9);
    }

    /** A hundred thousand times at the full share; at a quarter of the current eight times as often; mechanics set the end. */
    public function testHowLongAContactLasts(): void
    {
        self::assertEqualsWithDelta(1e5, ContactLife::switchings(1.0), 1e-6);
        self::assertEqualsWithDelta(8e5, ContactLife::switchings(4.0), 1e-6);
        self::assertSame(1e7, ContactLife::switchings(1000.0));
        self::assertEqualsWithDelta(1e5 / 10 / 365, ContactLife::years(1.0, 10.0), 1e-9);
        self::assertSame(INF, ContactLife::years(1.0, 0.0));
    }

    /** The top step is reached well before 100 %, and nothing but 0 is off, whatever the number of steps. */
    public function testFromPercentToSteps(): void
    {
        self::assertSame([0 => [0, 0], 1 => [1, 49], 2 => [50, 83], 3 => [84, 100]], StepMap::ranges(3));
        foreach (range(1, 8) as $steps) {
            $ranges = StepMap::ranges($steps);
            self::assertSame(range(0, $steps), array_keys($ranges), 'Every step can be reached.');
            self::assertSame([0, 0], $ranges[0]);
            foreach (range(0, $steps) as $step) {
                self::assertSame($step, StepMap::step(StepMap::percent($step, $steps), $steps), 'What is told back is the step itself.');
            }
        }
    }

    /** Off is not isolated. */
    public function testWhatIsLiveInEachState(): void
    {
        $actuator = TestBoards::sound()->actuator('A1');
        $plain = TestBoards::part('reinforced-5v', Relay::class);
        self::assertSame(
            [[false, false], [false, false], [true, true]],
            self::live(LiveState::of($actuator, $plain, SwitchedConductor::Live, InletKind::Fixed)),
        );
        self::assertSame(
            [[false, true], [false, true], [true, true]],
            self::live(LiveState::of($actuator, $plain, SwitchedConductor::Neutral, InletKind::Fixed)),
            'Switched in the neutral it is always live.',
        );
        self::assertSame(
            [[false, false], [true, true], [true, true]],
            self::live(LiveState::of(
                $actuator->with(contact: ContactUse::NormallyClosed),
                $plain,
                SwitchedConductor::Both,
                InletKind::Fixed,
            )),
        );
        self::assertSame(
            [[false, true], [false, true], [true, true]],
            self::live(LiveState::of($actuator, TestBoards::part('ssr-25a-zero', Relay::class), SwitchedConductor::Live, InletKind::Fixed)),
            'A solid-state output leaks.',
        );
        self::assertSame(
            [null, null],
            self::live(LiveState::of(
                $actuator,
                TestBoards::part('bistable-5v-two', Relay::class),
                SwitchedConductor::Live,
                InletKind::Fixed,
            ))[1],
            'As it was.',
        );
        self::assertNull(LiveState::of($actuator, $plain, null, InletKind::Fixed)[0]->live);
        self::assertSame(
            [[false, true], [false, true], [true, true]],
            self::live(LiveState::of($actuator, $plain, SwitchedConductor::Live, InletKind::Reversible)),
            'A plug that fits both ways makes it a matter of chance: then it counts as live.',
        );
        self::assertSame([false, false], self::live(LiveState::of($actuator, $plain, SwitchedConductor::Both, InletKind::TwoHots))[0]);
        self::assertSame(
            [[false, null], [false, null], [true, true]],
            self::live(LiveState::of($actuator, $plain, SwitchedConductor::Live, null)),
            'How the mains comes in is not stated.',
        );
    }

    /**
     * @param list<LiveState> $states
     * @return list<array{?bool, ?bool}>
     */
    private static function live(array $states): array
    {
        return array_map(static fn(LiveState $one): array => [$one->runs, $one->live], $states);
    }
}
