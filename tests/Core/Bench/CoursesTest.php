<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\SwitchAtStart;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/**
 * Courses with their times worked out by hand before they were run: what is stated of debounce, pause, rest, bounce and delay, added up.
 *
 * Times are in ms. A contact bounces for 5 ms and must rest for 30 ms; a remote’s frame of 16 ones and 16 zeros is heard 68 ms after it
 * began: 9 + 4.5 + 16 × (0.562 + 1.687) + 16 × (0.562 + 0.562) + 0.562 + 0.05.
 */
final class CoursesTest extends TestCase
{
    public function testAPressIsDebouncedAndItsRelayFollowsWithinTenMilliseconds(): void
    {
        $course = BenchDesk::run(BenchDesk::demo('utility-room'), [[20.0, 'press', 'S9', '', 0.3]], 30.0);
        self::assertSame(
            ['20000 1', '20002 0', '20005 1', '20300 0', '20302 1', '20305 0'],
            BenchDesk::course($course, Happens::Contact, 'F12'),
        );
        self::assertSame(['20035 1'], BenchDesk::course($course, Happens::Pin, 'GPIO18', 2.0));
        $on = $course->all(Happens::Appliance, 'L5');
        self::assertCount(1, $on);
        self::assertGreaterThan(20_035_000, $on[0]->micros);
        self::assertLessThanOrEqual(20_045_000, $on[0]->micros, 'Relays of this kind operate within 10 ms.');
        // Back to the hand: appliance, relay, coil, pin, contact, press.
        self::assertSame(
            ['appliance', 'relay', 'coil', 'pin', 'contact', 'hand'],
            array_map(static fn($one): string => $one->kind->value, $course->why($on[0]->id)),
        );
        // The broker says so after its usual 50 ms, the rules after another 50, the assistant after a second.
        self::assertSame(['20085 1'], BenchDesk::course($course, Happens::Shown, 'S19', 5.0));
        self::assertSame(['20135 1'], BenchDesk::course($course, Happens::Shown, 'S26', 5.0));
        self::assertSame(['21135 1'], BenchDesk::course($course, Happens::Shown, 'S23', 7.0));
    }

    public function testAKeyIsHeardByTheTimesOfItsFrameAndHeldItCountsOnce(): void
    {
        $course = BenchDesk::run(BenchDesk::demo('utility-room'), [
            [20.0, 'press', 'S10', '', 0.2],
            [25.0, 'press', 'S10', '', 2.0],
        ], 30.0);
        self::assertSame(['20068 1', '25068 0'], BenchDesk::course($course, Happens::Pin, 'GPIO18', 2.0));
    }

    public function testAFanGoesFromStepToStepWithItsPause(): void
    {
        // Its pause is stated as 100 ms: the step before opens at once, the next closes 100 ms later; the fourth press is off.
        $board = TestBoards::edited(BenchDesk::demo('utility-room'), new TellSurface('S3', Operation::Steps));
        $course = BenchDesk::run($board, [
            [20.0, 'press', 'S3'],
            [22.0, 'press', 'S3'],
            [24.0, 'press', 'S3'],
            [26.0, 'press', 'S3'],
        ], 30.0);
        self::assertSame(['20035 1', '22035 0'], BenchDesk::course($course, Happens::Pin, 'GPIO22', 2.0));
        self::assertSame(['22135 1', '24035 0'], BenchDesk::course($course, Happens::Pin, 'GPIO25', 2.0));
        self::assertSame(['24135 1', '26035 0'], BenchDesk::course($course, Happens::Pin, 'GPIO26', 2.0));
        self::assertSame([], $course->all(Happens::Harm));
    }

    public function testHeatAndColdKeepTheirDeadTimeAndTheCompressorItsRest(): void
    {
        $board = BenchDesk::demo('fermentation');
        // Before 300 s have gone by since the start the cooler waits, however warm it is.
        $early = BenchDesk::run($board, [[20.0, 'sensor', 'S1', '25']], 400.0);
        $starts = BenchDesk::programRuns($early);
        self::assertSame([sprintf('%d 1', $starts + 300_000)], BenchDesk::course($early, Happens::Pin, 'PB0', 10.0));
        // Later only the dead time of 100 ms counts: read after 500 ms, the belt opens, and 100 ms later the cooler closes.
        $late = BenchDesk::run($board, [[400.0, 'sensor', 'S1', '18'], [420.0, 'sensor', 'S1', '25']], 500.0);
        self::assertSame(['400500 1', '420500 0'], BenchDesk::course($late, Happens::Pin, 'PD7', 10.0));
        self::assertSame(['420600 1'], BenchDesk::course($late, Happens::Pin, 'PB0', 10.0));
        self::assertSame([], $late->all(Happens::Harm));
    }

    public function testAfterAPowerCutComesBackWhatShallComeBackOneAfterTheOther(): void
    {
        $board = TestBoards::edited(
            TestBoards::withLines(3),
            new StateSafety(['L1', 'L3'], restore: RestorePolicy::Last),
            new StateSafety(['L2'], restore: RestorePolicy::On),
            new StateStagger(0.4),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3']),
            new ChangeChannel('C1', link: LinkKind::Inside),
        );
        // L1 is put on and rests for more than the five seconds after which it is written down; L3 stays off.
        $course = BenchDesk::run($board, [[10.0, 'say', 'S1', 'on'], [20.0, 'cut mains'], [23.0, 'mains back']], 40.0);
        $starts = BenchDesk::programRuns($course);
        self::assertSame([sprintf('%d 1', $starts)], BenchDesk::course($course, Happens::Coil, 'A1', 23.0));
        self::assertSame([sprintf('%d 1', $starts + 400)], BenchDesk::course($course, Happens::Coil, 'A2', 23.0));
        self::assertSame([], BenchDesk::course($course, Happens::Coil, 'A3', 23.0));
        // Cut before it was written down, it stays off.
        $soon = BenchDesk::run($board, [[10.0, 'say', 'S1', 'on'], [14.0, 'cut mains'], [17.0, 'mains back']], 40.0);
        self::assertSame(0, BenchDesk::runs($soon, 'L1'));
    }

    public function testWhileReconnectingBlocksAPressIsLostAndAHeldOneComesLate(): void
    {
        // The broker is gone at 20 s and missed at 21 s; within 1.25 s the program tries again, and waits for the 5 s that are stated.
        $board = BenchDesk::demo('aquarium');
        $course = BenchDesk::run($board, [
            [20.0, 'outage', 'radio'],
            [22.5, 'press', 'S1', '', 0.3],
            [23.0, 'press', 'S1', '', 6.0],
        ], 40.0);
        $waits = $course->all(Happens::Waits, 'C1');
        self::assertGreaterThanOrEqual(22_000_000, $waits[0]->micros);
        self::assertLessThanOrEqual(22_250_000, $waits[0]->micros);
        $end = intdiv($waits[0]->micros, 1000) + 5000;
        self::assertSame([sprintf('%d 1', $end + 30)], BenchDesk::course($course, Happens::Pin, 'GPIO5', 2.0));
        // Answered, it waits no longer: what was pressed while it waited is found closed, and rests for its 30 ms from then on.
        $deeds = [[20.0, 'outage', 'radio'], [26.0, 'back', 'radio']];
        $links = BenchDesk::run($board, $deeds, 40.0)->all(Happens::Link, 'C1');
        $reached = $links[count($links) - 1]->micros / 1e6;
        $answered = BenchDesk::run($board, [...$deeds, [$reached - 0.2, 'press', 'S1', '', 3.0]], 40.0);
        self::assertSame([sprintf('%d 1', (int) (1000 * $reached + 30))], BenchDesk::course($answered, Happens::Pin, 'GPIO5', 2.0));
        // Beside its work it makes no difference.
        $beside = BenchDesk::run(TestBoards::edited($board, new ChangeChannel('C1', blockSeconds: 0.0)), [
            [20.0, 'outage', 'radio'],
            [22.5, 'press', 'S1', '', 0.3],
        ], 40.0);
        self::assertSame(['22535 1'], BenchDesk::course($beside, Happens::Pin, 'GPIO5', 2.0));
    }

    public function testALostToggleEndsUpInvertedAndALostOnDoesNot(): void
    {
        $board = self::radioed(null);
        $lost = static fn(string $word): array => [[9.0, 'lose', 'C1'], [10.0, 'say', 'S3', $word]];
        self::assertSame(0, BenchDesk::runs(BenchDesk::run($board, [...$lost('on'), [15.0, 'say', 'S3', 'off']], 20.0), 'L1'));
        $flips = self::radioed(Operation::Toggle);
        self::assertSame(1, BenchDesk::runs(BenchDesk::run($flips, [...$lost('toggle'), [15.0, 'say', 'S3', 'toggle']], 20.0), 'L1'));
    }

    public function testWhatMustNotStartByItselfIsStartedByAPresentHandAlone(): void
    {
        $board = self::radioed(null);
        $course = BenchDesk::run($board, [
            [10.0, 'say', 'S4', 'on'],
            [12.0, 'press', 'S2'],
            [14.0, 'say', 'S4', 'off'],
            [16.0, 'press', 'S2'],
            [24.0, 'cut mains'],
            [27.0, 'mains back'],
        ], 40.0);
        self::assertCount(1, $course->all(Happens::Refused, 'L2'));
        // Its own button, the radio that may switch it off (50 ms), the button again; and never after the cut.
        self::assertSame(['12035 1', '14050 0', '16035 1'], array_slice(BenchDesk::course($course, Happens::Coil, 'A2', 5.0), 0, 3));
        self::assertSame([], BenchDesk::course($course, Happens::Appliance, 'L2', 27.0));
        // Papers that allow remote start let an absent hand in.
        $allowed = TestBoards::edited($board, new StateSafety(['L2'], remoteStart: true));
        self::assertSame(['10050 1'], BenchDesk::course(BenchDesk::run($allowed, [[10.0, 'say', 'S4', 'on']], 12.0), Happens::Coil, 'A2'));
    }

    public function testASwitchMovedWhileTheBoardWasDeadWinsOrWaitsAsIsStated(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new TellSurface('S1', Operation::Explicit));
        $deeds = [[10.0, 'cut mains'], [11.0, 'close', 'S1'], [13.0, 'mains back']];
        self::assertSame(0, BenchDesk::runs(BenchDesk::run($board, $deeds, 30.0), 'L1'), 'It waits while nobody has said.');
        $wins = TestBoards::edited($board, new StateSafety(['L1'], switchAtStart: SwitchAtStart::Wins));
        $course = BenchDesk::run($wins, $deeds, 30.0);
        self::assertSame([sprintf('%d 1', BenchDesk::programRuns($course))], BenchDesk::course($course, Happens::Coil, 'A1', 13.0));
        $waits = TestBoards::edited($board, new StateSafety(['L1'], switchAtStart: SwitchAtStart::Waits));
        $moved = BenchDesk::run($waits, [...$deeds, [20.0, 'open', 'S1'], [22.0, 'close', 'S1']], 30.0);
        self::assertSame(['22035 1'], BenchDesk::course($moved, Happens::Coil, 'A1', 13.0));
    }

    public function testAHungProgramIsResetByItsWatchdogAndThriceMeansAllOff(): void
    {
        $board = TestBoards::edited(self::radioed(null), new StateSafety(['L1'], restore: RestorePolicy::On));
        $course = BenchDesk::run($board, [[20.0, 'hang']], 30.0);
        // The usual 2 s, and 10 ms until the chip begins again.
        self::assertSame(['22000 reset'], BenchDesk::course($course, Happens::Reset, '', 1.0));
        self::assertSame(1, BenchDesk::runs($course, 'L1'));
        $thrice = BenchDesk::run($board, [[20.0, 'hang'], [30.0, 'hang'], [40.0, 'hang']], 60.0);
        self::assertSame(0, BenchDesk::runs($thrice, 'L1'));
        self::assertCount(1, $thrice->all(Happens::Alarm));
        // Ten quiet minutes between, and it is as if nothing had been.
        $apart = BenchDesk::run($board, [[20.0, 'hang'], [30.0, 'hang'], [700.0, 'hang']], 720.0);
        self::assertSame(1, BenchDesk::runs($apart, 'L1'));
    }

    public function testAWeldedContactIsToldAndAlarmedAfterASecond(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F6', 'GPIO27'),
            new AddChannel(TestBoards::part('message-broker', SurfaceProfile::class), 'Broker'),
            new PutOnChannel('C1', ['L1']),
        );
        // Welded while on; switched off at 20 s by the radio way of the broker, 50 ms late: the appliance stays on.
        $course = BenchDesk::run($board, [[10.0, 'say', 'S3', 'on'], [15.0, 'weld', 'A1'], [20.0, 'say', 'S3', 'off']], 30.0);
        self::assertSame(1, BenchDesk::runs($course, 'L1'));
        self::assertSame(['21050 1'], BenchDesk::course($course, Happens::Alarm, 'L1'));
        self::assertSame(1, $course->scene->shown['S3'], 'It is shown as on, for it is.');
    }

    /** A lamp and an airer on a serial radio, S3 and S4, besides switch and button. */
    private static function radioed(?Operation $operation): Board
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', ['L1', 'L2']),
            new ChangeChannel('C1', link: LinkKind::Inside),
        );

        return null === $operation ? $board : TestBoards::edited($board, new TellSurface('S3', $operation));
    }
}
