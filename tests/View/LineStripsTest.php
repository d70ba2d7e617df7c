<?php

declare(strict_types=1);

namespace IronLatch\Tests\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\HeaderRow;
use IronLatch\View\HeaderRows;
use IronLatch\View\Joint;
use IronLatch\View\JointState;
use IronLatch\View\LineStrips;
use IronLatch\View\Link;
use IronLatch\View\RelayTrack;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LineStripsTest extends TestCase
{
    public function testALineIsSixLinksAndFiveJoints(): void
    {
        $track = self::tracks(TestBoards::sound())['L1'][0];
        self::assertSame(
            ['hand', 'pin', 'driver', 'coil', 'contact', 'appliance'],
            array_map(static fn(Link $link): string => $link->id, $track->links),
        );
        self::assertSame(
            ['wall switch', 'GPIO23', 'NPN 470 Ω', '5 V', 'NO 16 A', '18 W'],
            array_map(static fn(Link $link): string => $link->main, $track->links),
        );
        self::assertSame(
            ['GPIO33', 'print 23', 'active high', '79.2 mA', 'reinforced', '157 mA, live'],
            array_map(static fn(Link $link): string => $link->detail, $track->links),
        );
        self::assertSame(
            ['pin', 'driver', 'coil', 'contact', 'appliance'],
            array_map(static fn(Joint $joint): string => $joint->id, $track->joints),
        );
        self::assertSame(JointState::Sound, $track->worst());
        foreach ($track->joints as $joint) {
            self::assertNotNull($joint->margin, $joint->title);
        }
    }

    /**
     * Each fault parts the joint that it is about, and no other.
     *
     * @return iterable<string, array{\IronLatch\Core\Board\Edit\Edit, string, JointState}>
     */
    public static function faults(): iterable
    {
        yield 'weak base current' => [new SetDriverValue(['A1'], 'baseOhms', 4700.0), 'coil', JointState::Weak];
        yield 'no base current' => [new SetDriverValue(['A1'], 'baseOhms', 47e3), 'coil', JointState::Broken];
        yield 'level contradicted' => [new StateActiveLevel(['A1'], Level::Low), 'driver', JointState::Broken];
        yield 'neutral switched' => [new StateConductor(['L1'], SwitchedConductor::Neutral), 'appliance', JointState::Danger];
        yield 'too many lamps' => [new StateLoad('L1', 200.0), 'appliance', JointState::Weak];
        yield 'far too many lamps' => [new StateLoad('L1', 2000.0), 'appliance', JointState::Danger];
        yield 'switch without pull-up' => [new SeatFunction('F3', '35'), 'pin', JointState::Broken];
        yield 'switch on the console' => [new SeatFunction('F3', 'RX'), 'pin', JointState::Weak];
        yield 'relay on a pulsed pin' => [new SeatFunction('F1', '14'), 'driver', JointState::Weak];
        yield 'relay on an input' => [new SeatFunction('F1', '35'), 'driver', JointState::Broken];
        yield 'relay without a pin' => [new UnseatFunction('F1'), 'driver', JointState::Broken];
        yield 'heater on while the board is dead' => [
            new Sequence(
                '',
                [
                    new ChooseAppliance('L1', TestBoards::part('portable-heater', Appliance::class)),
                    new ChooseContact(['A1'], ContactUse::NormallyClosed),
                    new StateSafety(['L1'], earthJoined: true, restore: RestorePolicy::Off, cutOut: true),
                ],
            ),
            'contact',
            JointState::Danger,
        ];
        yield 'plain cube beside a button' => [
            new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
            'contact',
            JointState::Danger,
        ];
        yield 'plug that fits both ways' => [new StateBox(inlet: InletKind::Reversible), 'appliance', JointState::Danger];
        yield 'no control' => [new RemoveSurface('S1'), 'pin', JointState::Unknown];
    }

    #[DataProvider('faults')]
    public function testAFaultPartsItsOwnJoint(\IronLatch\Core\Board\Edit\Edit $fault, string $joint, JointState $state): void
    {
        $states = [];
        foreach (self::tracks($fault->apply(TestBoards::sound()))['L1'][0]->joints as $one) {
            $states[$one->id] = $one->state;
        }
        self::assertSame([...array_fill_keys(array_keys($states), JointState::Sound), $joint => $state], $states);
    }

    public function testANameClashPartsNoJoint(): void
    {
        $tracks = self::tracks(TestBoards::edited(TestBoards::sound(), new RenameLine('L2', 'LAMP')));
        self::assertSame(JointState::Sound, $tracks['L2'][0]->worst());
    }

    public function testAHintPartsNoJoint(): void
    {
        self::assertSame(
            JointState::Sound,
            self::tracks(TestBoards::edited(TestBoards::sound(), new SetDriverValue(['A1'], 'baseOhms', 1000.0)))['L1'][0]->worst(),
        );
    }

    public function testEveryRelayHasATrackAndALineWithoutOneHasGaps(): void
    {
        $tracks = self::tracks(TestBoards::edited(TestBoards::sound(), new AddRelay('L1'), new RemoveRelay('A2')));
        self::assertSame(['A1', 'A3'], array_map(static fn(RelayTrack $track): string => $track->actuator, $tracks['L1']));
        self::assertSame(
            ['hand' => false, 'pin' => true, 'driver' => true, 'coil' => true, 'contact' => true, 'appliance' => false],
            array_column(array_map(static fn(Link $link): array => [$link->id, $link->isMissing], $tracks['L2'][0]->links), 1, 0),
        );
        self::assertSame(JointState::Unknown, $tracks['L2'][0]->joints[2]->state);
    }

    public function testACoilOnItsPinShowsNoDriver(): void
    {
        $track = self::tracks(TestBoards::edited(TestBoards::sound(), new DriveDirectly(['A1'])))['L1'][0];
        self::assertSame(['none', true], [$track->links[2]->main, $track->links[2]->isMissing]);
        self::assertSame(JointState::Broken, $track->joints[1]->state);
    }

    public function testTheMeasureRunsByDoublings(): void
    {
        self::assertSame(0.0, Joint::place(0.25));
        self::assertEqualsWithDelta(0.4, Joint::place(1.0), 1e-12);
        self::assertEqualsWithDelta(0.6, Joint::place(2.0), 1e-12);
        self::assertSame([0.0, 1.0], [Joint::place(0.0), Joint::place(1e9)]);
    }

    public function testHeaderRowsShowWhoSitsWhereAndWhatTroublesThem(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new SeatFunction('F1', '14'),
            new SeatFunction('F3', '34'),
            new FitPull('F3', PullDirection::Up, 10e3),
            new SeatFunction('F5', '35'),
        );
        $inspection = new Inspection($board, TestBoards::catalogue());
        $report = Inspector::withRuleBook()->inspect($inspection);
        $sides = (new HeaderRows($inspection, $report))->sides($inspection->fitness->rank('F1'));
        self::assertSame([19, 19], [count($sides['left']), count($sides['right'])]);
        $rows = [];
        foreach ([...$sides['left'], ...$sides['right']] as $row) {
            $rows['print ' . $row->header->label] = $row;
        }
        self::assertSame([['F1'], JointState::Weak, 'poor'], self::summary($rows['print 14']));
        self::assertSame([['F3'], null, 'not possible'], self::summary($rows['print 34']));
        self::assertSame([[], null, 'good'], self::summary($rows['print 23']));
        self::assertNull($rows['print GND']->pin);
        self::assertSame(['flash'], $rows['print CLK']->notes);
        self::assertSame(['strap, low'], $rows['print 12']->notes);
        self::assertSame(['input only'], $rows['print VP']->notes);
        self::assertSame(['moves at start-up'], $rows['print 14']->notes);
    }

    /**
     * @return array{list<string>, ?JointState, ?string}
     */
    private static function summary(HeaderRow $row): array
    {
        return [$row->functions, $row->trouble, $row->fitness?->grade->word()];
    }

    /**
     * @return array<string, list<RelayTrack>>
     */
    private static function tracks(Board $board): array
    {
        $inspection = new Inspection($board, TestBoards::catalogue());

        return (new LineStrips($inspection, Inspector::withRuleBook()->inspect($inspection)))->tracks();
    }
}
