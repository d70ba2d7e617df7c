<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Whole\AcceptFinding;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Board\Edit\Whole\WithdrawAcceptance;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\FindingGroup;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\LatchState;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Review\Stage;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class InspectorTest extends TestCase
{
    public function testALatchIsNeverShutBecauseNothingLooked(): void
    {
        $report = TestBoards::inspect(TestBoards::sound());
        $states = array_map(static fn($stage): LatchState => $stage->state, $report->stages);
        self::assertSame(LatchState::Shut, $states['Lines']);
        self::assertSame(
            [LatchState::Shut, LatchState::Shut, LatchState::Shut, LatchState::ShutOnCondition, LatchState::Shut],
            [$states['Pins'], $states['Drive'], $states['Power'], $states['Mains'], $states['Controls']],
        );
        self::assertSame('shut, 7 to verify', $report->stages['Mains']->words());
        $unread = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new AddSurface('L1', SurfaceKind::InfraredKey)));
        self::assertSame(LatchState::NotChecked, $unread->stages['Controls']->state, 'The code of its key is not known.');
        self::assertTrue($report->isEveryCheckedLatchShut());

        $empty = TestBoards::inspect(TestBoards::bare());
        self::assertSame(
            array_fill(0, 8, LatchState::NotChecked),
            array_map(static fn($stage): LatchState => $stage->state, array_values($empty->stages)),
            'An empty board has nothing to look at.',
        );
        self::assertSame('not checked: nothing here yet', $empty->stages['Drive']->words());
        self::assertTrue($empty->isEmpty());
        self::assertFalse($report->isEmpty());
    }

    public function testAnOpenLatchCountsItsWorstKind(): void
    {
        $report = TestBoards::inspect(TestBoards::edited(
            TestBoards::sound(),
            new SeatFunction('F2', '14'),
            new SeatFunction('F1', 'CLK'),
            new SeatFunction('F3', 'RX'),
        ));
        $pins = $report->stages[Stage::Pins->value];
        self::assertSame([LatchState::Open, Severity::Danger, 1], [$pins->state, $pins->worst, $pins->count]);
        self::assertFalse($report->isEveryCheckedLatchShut());
        self::assertSame(
            LatchState::ShutOnCondition,
            $report->stages[Stage::Mains->value]->state,
            'A finding opens the latch of its home stage only.',
        );
    }

    public function testHintsOpenNoLatch(): void
    {
        $report = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new SeatFunction('F4', '0')));
        self::assertSame([Severity::Hint], array_map(static fn(Finding $finding): Severity => $finding->severity, $report->findings));
        self::assertTrue($report->isEveryCheckedLatchShut());
    }

    public function testWhatOnlyFollowsNamesItsRootAndIsNotCounted(): void
    {
        $report = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new DriveDirectly(['A1'])));
        $follow = $report->finding('drive.does-not-pull-in:A1');
        self::assertNotNull($follow);
        self::assertSame('drive.coil-on-pin:A1', $follow->root);
        self::assertFalse($follow->counts());
        self::assertSame(1, $report->stages[Stage::Drive->value]->count);
        self::assertSame($follow, $report->findings[count($report->findings) - 1], 'Follow-ups stand behind what counts.');
    }

    /** Which module it is decides over these pins: while nobody says so, nothing is promised. */
    public function testPinsOfUnknownModulesAreNotChecked(): void
    {
        $said = TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', '16'));
        $unknown = static fn(Board $board): array => array_map(
            static fn(NotChecked $gap): string => $gap->rule->id . ':' . $gap->subject,
            TestBoards::inspect($board)->notChecked,
        );
        self::assertSame(['board.no-place:board'], $unknown($said));
        $unsaid = $said->with(mcu: Copy::of($said->mcu, ['innerMemory' => null]));
        self::assertSame(['pins.inner-memory:F1', 'board.no-place:board'], $unknown($unsaid));
    }

    /** A gate that gets too little is one fault: that the relay does not pull in for certain follows from it. */
    public function testAMosfetThatIsNotOnForCertainIsCountedOnce(): void
    {
        $report = TestBoards::inspect(TestBoards::edited(
            TestBoards::sound(),
            new ChooseDriver(['A1'], new MosfetLowSide('mosfet-10v', 100.0, 10e3), [TestBoards::part('mosfet-10v', Mosfet::class)]),
        ));
        self::assertSame('drive.gate-not-specified:A1', $report->finding('drive.does-not-pull-in:A1')?->root);
        self::assertSame(1, $report->stages[Stage::Drive->value]->count);
    }

    public function testADangerIsNeverAMereFollowUp(): void
    {
        // The airer's relay on the flash pins: the chip will not run, and the relay chatters with the memory.
        $report = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new SeatFunction('F2', 'CLK')));
        $danger = $report->finding('pins.boot-twitch:A2');
        self::assertNotNull($danger);
        self::assertSame([Severity::Danger, null, true], [$danger->severity, $danger->root, $danger->counts()]);
        $lamp = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', 'CLK')))->finding('pins.boot-twitch:A1');
        self::assertSame('pins.flash-pin:F1', $lamp?->root);
    }

    public function testAnAcceptanceIsBoundToKindFigureAndRule(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', '14'));
        $finding = TestBoards::inspect($board)->finding('pins.boot-twitch:A1');
        self::assertNotNull($finding);
        $accept = new AcceptFinding(
            'pins.boot-twitch',
            'A1',
            'weak',
            $finding->acceptedAs(),
            $finding->rule->version,
            'a lamp may blink',
            'R. Alder',
        );
        $accepted = TestBoards::edited($board, $accept);
        $report = TestBoards::inspect($accepted);
        self::assertSame([null, 1], [$report->stages['Pins']->worst, $report->stages['Pins']->accepted]);
        self::assertSame('a lamp may blink', $report->finding('pins.boot-twitch:A1')?->acceptance?->reason);

        self::assertCounts(
            'another appliance makes it a danger',
            TestBoards::edited($accepted, new ChooseAppliance('L1', TestBoards::part('portable-heater', Appliance::class))),
        );
        self::assertCounts(
            'another coil, another figure',
            TestBoards::edited(
                $accepted,
                new ChooseRelay(['A1'], TestBoards::part('cube-5v', Relay::class)),
                new SetDriverValue(['A1'], 'baseOhms', 4700.0),
            ),
        );
        self::assertCounts(
            'a newer rule',
            TestBoards::edited($board, new AcceptFinding('pins.boot-twitch', 'A1', 'weak', $finding->acceptedAs(), 0, 'x', 'y')),
        );
        self::assertCounts('withdrawn', TestBoards::edited($accepted, new WithdrawAcceptance('pins.boot-twitch', 'A1')));
    }

    public function testAFactWithoutAFigureIsAcceptedAsItsSentence(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SeatFunction('F3', 'RX'));
        $finding = TestBoards::inspect($board)->finding('pins.console-pin:F3');
        self::assertNotNull($finding);
        self::assertSame($finding->statement, $finding->acceptedAs());
        $accepted = TestBoards::edited($board, new AcceptFinding('pins.console-pin', 'F3', 'weak', $finding->acceptedAs(), 1, 'x', 'y'));
        self::assertFalse(TestBoards::inspect($accepted)->finding('pins.console-pin:F3')?->counts());
        self::assertTrue(
            TestBoards::inspect(TestBoards::edited($accepted, new SeatFunction('F3', 'TX')))->finding('pins.console-pin:F3')?->counts(),
            'On the other console pin it is another fact.',
        );
    }

    public function testFindingsOfOneRuleAreGroupedWithOneRemedyForAll(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SetDriverValue(['A1', 'A2'], 'baseOhms', 4700.0));
        $groups = TestBoards::inspect($board)->groups();
        self::assertCount(1, $groups);
        $remedy = $groups[0]->remedyForAll();
        self::assertSame('Fit 560 Ω at the base, for all 2', $remedy?->title);
        self::assertSame([], TestBoards::inspect($remedy->edit->apply($board))->findings);
    }

    public function testDifferentRemediesAreNotThrownTogether(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SeatFunction('F1', 'CLK'), new SeatFunction('F3', 'D0'));
        $flash = array_values(array_filter(
            TestBoards::inspect($board)->groups(),
            static fn(FindingGroup $group): bool => 'pins.flash-pin' === $group->first()->rule->id,
        ));
        self::assertCount(2, $flash[0]->findings);
        $titles = array_map(static fn(Finding $finding): ?string => $finding->remedies()[0]->title ?? null, $flash[0]->findings);
        self::assertCount(2, array_unique($titles));
        self::assertNull($flash[0]->remedyForAll());

        $unseated = TestBoards::inspect(TestBoards::edited(
            TestBoards::sound(),
            new UnseatFunction('F1'),
            new UnseatFunction('F2'),
        ))->groups();
        // One pin serves one function: what each proposes alone cannot be done for all, and is offered to the first of them only.
        $offered = array_map(static fn(Finding $finding): array => array_values(array_map(
            static fn(Remedy $remedy): string => $remedy->title,
            $unseated[0]->remediesOf($finding),
        )), $unseated[0]->findings);
        self::assertSame([['Seat it on GPIO25 (printed 25)', 'Seat all functions anew'], ['Seat all functions anew']], $offered);
        self::assertSame(
            ['Seat it on GPIO25 (printed 25)', 'Seat all functions anew'],
            [$unseated[0]->findings[1]->remedies()[0]->title, $unseated[0]->remedyForAll()?->title],
        );
    }

    public function testWhatTheBoardDoesNotSayIsNamed(): void
    {
        $board = TestBoards::edited(
            TestBoards::bare(),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
        );
        $gaps = array_map(
            static fn(NotChecked $gap): array => [$gap->rule->id, $gap->subject, $gap->needs],
            TestBoards::inspect($board)->notChecked,
        );
        self::assertSame([
            ['power.supply-overloaded', 'R1', 'the rail that feeds “Valve”'],
            ['mains.no-fuse', 'board', 'whether a fuse stands behind the inlet'],
            ['mains.shared-overloaded', 'board', 'the rating of the inlet'],
            ['mains.shared-overloaded', 'board', 'the cross-section of the lead'],
            ['mains.shared-overloaded', 'board', 'the cross-section of the wiring inside'],
            ['mains.shared-overloaded', 'board', 'the cross-section of the thinnest wire of one line'],
            ['mains.shared-overloaded', 'board', 'the rating of the least terminal'],
            ['mains.shared-overloaded', 'board', 'whether mains runs in tracks, and how wide the narrowest is'],
            ['mains.no-earth', 'L2', 'where it leaves the box: an outlet may offer earth'],
            ['mains.both-poles', 'board', 'how the mains comes in'],
            ['mains.no-load-diode', 'L1', 'whether a diode lies across its appliance'],
            ['mains.bridge-insulation', 'board', 'whether a capacitor joins mains to low voltage, and of which class'],
            ['mains.barrier', 'board', 'whether somebody can touch the low-voltage side'],
            ['mains.barrier', 'board', 'how high surges come where it lives'],
            ['mains.barrier', 'board', 'how damp and dirty it becomes where it lives'],
            ['mains.barrier', 'board', 'the clearance between mains and low voltage'],
            ['mains.barrier', 'board', 'the creepage distance between mains and low voltage'],
            ['mains.beside-low-voltage', 'L1', 'whether its contact and wiring keep the same distance from mains'],
            ['mains.two-circuits', 'board', 'whether all of it hangs on one circuit'],
            ['mains.unfit-base', 'board', 'what carries and encloses it'],
            ['mains.neutral-switched', 'L2', 'which conductor the contact interrupts'],
            ['board.no-place', 'board', 'how it is built'],
        ], $gaps);
    }

    public function testHouseRulesMoveTheThreshold(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SetHouseRules(10.0, 0.8));
        self::assertSame('×15.8', TestBoards::inspect($board)->finding('drive.does-not-pull-in:A1')?->figure());
        self::assertSame('Fit 270 Ω at the base', TestBoards::inspect($board)->finding('drive.does-not-pull-in:A1')->remedies()[0]->title);
        self::assertSame([], TestBoards::inspect(TestBoards::edited($board, new SetHouseRules(20.0, 0.8)))->findings);
    }

    public function testRemediesAreWorkedOutOnlyWhenAskedFor(): void
    {
        $asked = new \ArrayObject();
        $facts = RuleBook::rules()[0]->facts();
        $rule = self::createStub(Rule::class);
        $rule->method('facts')->willReturn($facts);
        $rule->method('inspect')->willReturn([new Finding($facts, Severity::Weak, 'L1', 'x', [], static function () use ($asked): array {
            $asked->append(true);

            return [];
        })]);
        $finding = (new Inspector([$rule]))->inspect(new Inspection(TestBoards::sound()))->findings[0];
        self::assertCount(0, $asked);
        $finding->remedies();
        $finding->followingFrom('elsewhere:L1')->remedies();
        self::assertCount(1, $asked);
    }

    public function testTheBookIsComplete(): void
    {
        $ids = [];
        foreach (RuleBook::rules() as $rule) {
            $facts = $rule->facts();
            self::assertMatchesRegularExpression('/^' . strtolower($facts->stage->value) . '\.[a-z-]+$/', $facts->id);
            foreach ([$facts->title, $facts->reason, $facts->threshold, $facts->source] as $text) {
                self::assertNotSame('', $text, $facts->id);
            }
            self::assertNotSame([], $facts->severities);
            $ids[] = $facts->id;
        }
        self::assertSame(array_unique($ids), $ids);
    }

    private static function assertCounts(string $why, Board $board): void
    {
        self::assertTrue(TestBoards::inspect($board)->finding('pins.boot-twitch:A1')?->counts(), $why);
    }
}
