<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Program;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\StateLamp;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Relays\AddDirection;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseContact;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the program of a board does with each kind of input, limit and memory; by running it with a world around it. */
final class BehaviourTest extends TestCase
{
    private const RADIO = 'serial-radio-text';

    /** A press in each sense that it can have: what the relay does at 10 s, 12 s and 14 s. */
    /**
     * @return iterable<string, array{Operation, list<string>}>
     */
    public static function presses(): iterable
    {
        yield 'toggle' => [Operation::Toggle, ['10035 1', '12035 0', '14035 1']];
        yield 'on' => [Operation::On, ['10035 1']];
        yield 'off' => [Operation::Off, []];
        // Held for 200 ms, which end with a bounce of 5 ms and the 30 ms of rest.
        yield 'while held' => [Operation::Push, ['10035 1', '10235 0', '12035 1', '12235 0', '14035 1', '14235 0']];
        yield 'steps of a line with one' => [Operation::Steps, ['10035 1', '12035 0', '14035 1']];
        yield 'up' => [Operation::StepUp, ['10035 1']];
        yield 'down' => [Operation::StepDown, []];
    }

    /**
     * @param list<string> $expected
     */
    #[DataProvider('presses')]
    public function testAPressMeansWhatItsOperationSays(Operation $operation, array $expected): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new TellSurface('S2', $operation));
        $course = BenchDesk::run($board, [[10.0, 'press', 'S2'], [12.0, 'press', 'S2'], [14.0, 'press', 'S2']], 16.0);
        self::assertSame($expected, BenchDesk::course($course, Happens::Coil, 'A2', 5.0));
    }

    public function testASwitchThatTogglesCountsEachMoveAndOneThatSaysOnAndOffItsPosition(): void
    {
        $deeds = [[10.0, 'close', 'S1'], [12.0, 'open', 'S1'], [14.0, 'close', 'S1']];
        $toggles = BenchDesk::run(TestBoards::sound(), $deeds, 16.0);
        self::assertSame(['10035 1', '12035 0', '14035 1'], BenchDesk::course($toggles, Happens::Coil, 'A1', 5.0));
        // Switched off from afar meanwhile, the switch that says what shall be still says it when it is moved.
        $board = self::onChannel(TestBoards::edited(TestBoards::sound(), new TellSurface('S1', Operation::Explicit)), self::RADIO, ['L1']);
        $explicit = BenchDesk::run(
            $board,
            [[10.0, 'close', 'S1'], [11.0, 'say', 'S3', 'off'], [12.0, 'open', 'S1'], [14.0, 'close', 'S1']],
            16.0,
        );
        self::assertSame(['10035 1', '11050 0', '14035 1'], BenchDesk::course($explicit, Happens::Coil, 'A1', 5.0));
    }

    public function testAKnobStepsAFanAndDoesNotActAgainUntilItIsMoved(): void
    {
        $board = TestBoards::edited(TestBoards::operatedInManyWays(), new ChangeChannel('C1', link: LinkKind::Inside));
        // Three positions for two steps: the first is off. From afar it is switched off; the knob, not moved, leaves it so.
        $course = BenchDesk::run($board, [
            [10.0, 'turn', 'S3', '1'],
            [15.0, 'turn', 'S3', '2'],
            [20.0, 'say', 'S9', '0'],
            [25.0, 'turn', 'S3', '1'],
            [30.0, 'turn', 'S3', '0'],
        ], 40.0);
        self::assertSame(['1', '2', '0', '1', '0'], self::steps($course, 'L3'));
        self::assertSame([], $course->all(Happens::Harm));
    }

    /**
     * @return iterable<string, array{string, list<string>}>
     */
    public static function percentages(): iterable
    {
        // Two steps: rounded, 1 % to 74 % are the first; nothing but 0 is off.
        yield 'full' => ['100', ['2']];
        yield 'more than full is full' => ['250', ['2']];
        yield 'the least' => ['1', ['1']];
        yield 'just below the second' => ['74', ['1']];
        yield 'the second' => ['75', ['2']];
        yield 'no number' => ['fast', []];
    }

    /**
     * @param list<string> $expected
     */
    #[DataProvider('percentages')]
    public function testAPercentageLeadsToItsStep(string $percent, array $expected): void
    {
        $board = TestBoards::edited(TestBoards::operatedInManyWays(), new ChangeChannel('C2', blockSeconds: 0.0));
        $course = BenchDesk::run($board, [[10.0, 'say', 'S13', $percent]], 15.0);
        self::assertSame($expected, self::steps($course, 'L3'));
        if ([] === $expected) {
            self::assertCount(1, $course->all(Happens::Ignored, 'C2'), 'It is said that it means nothing.');
        }
    }

    public function testStatedThresholdsGoBeforeRoundedOnes(): void
    {
        $board = TestBoards::edited(TestBoards::operatedInManyWays(), new SetThresholds('S13', [20, 50]));
        foreach (['19' => [], '20' => ['1'], '49' => ['1'], '50' => ['2']] as $percent => $expected) {
            self::assertSame($expected, self::steps(BenchDesk::run($board, [[10.0, 'say', 'S13', (string) $percent]], 15.0), 'L3'));
        }
    }

    public function testTwoKeysAtOnceAndForeignCodesDoNothingAndAreSaid(): void
    {
        $board = BenchDesk::demo('utility-room');
        // Two remotes at once: their marks run into each other, and no code comes out of it.
        $both = BenchDesk::run($board, [[20.0, 'press', 'S10', '', 0.05], [20.02, 'press', 'S12', '', 0.05]], 25.0);
        self::assertSame([0, 0], [BenchDesk::runs($both, 'L5'), BenchDesk::runs($both, 'L6')]);
        // One after the other both count.
        $apart = BenchDesk::run($board, [[20.0, 'press', 'S10', '', 0.05], [20.2, 'press', 'S12', '', 0.05]], 25.0);
        self::assertSame([1, 1], [BenchDesk::runs($apart, 'L5'), BenchDesk::runs($apart, 'L6')]);
        // A key that no line is on any more.
        $other = TestBoards::edited($board, new AssignCode('S10', '0BF4AA55'));
        $foreign = BenchDesk::run($other, [[20.0, 'press', 'S10']], 25.0);
        self::assertSame(1, BenchDesk::runs($foreign, 'L5'), 'Assigned anew, it is known.');
        // Of another kind it is not followed edge by edge.
        $phased = TestBoards::edited($board, new AssignCode('S10', '80C', InfraredEncoding::BiPhase, 14));
        $course = BenchDesk::run($phased, [[20.0, 'press', 'S10']], 25.0);
        self::assertSame(['20000 other'], BenchDesk::course($course, Happens::Frame, 'F8'));
        self::assertSame(0, BenchDesk::runs($course, 'L5'));
    }

    public function testAGroupIsSwitchedOneAfterTheOtherAndNeverStartsWhatMustNotStart(): void
    {
        $board = self::onChannel(
            TestBoards::edited(
                TestBoards::sound(),
                new AddLine('Fan', TestBoards::part('vent-fan', Appliance::class)),
                new SeatFunction('F6', '21'),
            ),
            self::RADIO,
            ['L1', 'L2', 'L3'],
        );
        $board = TestBoards::edited(
            $board,
            new AddLineGroup(LineGroupKind::All, 'All', ['L1', 'L2', 'L3'], ['C1']),
            new AddGroupKey('K1', SurfaceKind::PushButton, Operation::Toggle),
            new SeatFunction('F7', '19'),
            new StateStagger(0.3),
        );
        $course = BenchDesk::run($board, [[10.0, 'say', 'K1@C1', 'on'], [15.0, 'press', 'S6']], 20.0);
        self::assertSame(['10050 1', '15035 0'], BenchDesk::course($course, Happens::Coil, 'A1', 5.0));
        self::assertSame([], BenchDesk::course($course, Happens::Coil, 'A2', 5.0));
        self::assertSame(['10350 1', '15035 0'], BenchDesk::course($course, Happens::Coil, 'A3', 5.0));
        $barred = TestBoards::edited($board, new StateSafety(['L3'], barredFromGroups: true));
        self::assertSame(0, BenchDesk::runs(BenchDesk::run($barred, [[10.0, 'say', 'K1@C1', 'on']], 20.0), 'L3'));
    }

    public function testASceneSaysWhatEachOfItsLinesShallBe(): void
    {
        $board = TestBoards::edited(
            TestBoards::withLines(3),
            new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L2', 'L3']),
            new SetScene('K1', ['L2']),
            new AddGroupKey('K1', SurfaceKind::PushButton),
            new SeatFunction('F4', '4'),
        );
        $board = self::onChannel($board, self::RADIO, ['L1', 'L2', 'L3']);
        $course = BenchDesk::run($board, [[8.0, 'say', 'S2', 'on'], [10.0, 'press', 'S1']], 15.0);
        self::assertSame([0, 1, 0], [BenchDesk::runs($course, 'L1'), BenchDesk::runs($course, 'L2'), BenchDesk::runs($course, 'L3')]);
    }

    public function testNoMoreRunAtOnceThanIsStated(): void
    {
        $board = self::onChannel(TestBoards::edited(TestBoards::withLines(3), new StateBox(atOnce: 2)), self::RADIO, ['L1', 'L2', 'L3']);
        $course = BenchDesk::run($board, [
            [10.0, 'say', 'S1', 'on'],
            [11.0, 'say', 'S2', 'on'],
            [12.0, 'say', 'S3', 'on'],
            [13.0, 'say', 'S1', 'off'],
            [14.0, 'say', 'S3', 'on'],
        ], 20.0);
        self::assertSame(['14050 1'], BenchDesk::course($course, Happens::Coil, 'A3', 5.0));
        self::assertStringContainsString('only 2 lines may run at once', $course->all(Happens::Refused, 'L3')[0]->words);
    }

    public function testAMotorStandsStillBeforeItTurnsRoundAndStopsByItself(): void
    {
        $board = TestBoards::edited(
            TestBoards::bare(),
            new AddLine('Blind', TestBoards::part('blind-motor', Appliance::class)),
            new AddDirection('L1'),
            new InterlockGroup('G1', pauseSeconds: 0.6),
            new StateReversal('G1', runSeconds: 20.0),
            new AddSurface('L1', SurfaceKind::PushButton),
            new SeatFunction('F1', '23'),
            new SeatFunction('F2', '22'),
            new SeatFunction('F3', '33'),
        );
        // One way, stop, the other way: after a second at rest nothing is waited for.
        $toggled = BenchDesk::run($board, [[10.0, 'press', 'S1'], [12.0, 'press', 'S1'], [13.0, 'press', 'S1']], 60.0);
        self::assertSame(['10035 1', '12035 0'], BenchDesk::course($toggled, Happens::Coil, 'A1', 5.0));
        self::assertSame(['13035 1', '33035 0'], BenchDesk::course($toggled, Happens::Coil, 'A2', 5.0), 'Its 20 s are over.');
        // Turned round while it runs, it stands still for 0.6 s.
        $steps = TestBoards::edited($board, new TellSurface('S1', Operation::StepUp));
        $turned = BenchDesk::run($steps, [[10.0, 'press', 'S1'], [11.0, 'press', 'S1']], 20.0);
        self::assertSame(['10035 1', '11035 0'], BenchDesk::course($turned, Happens::Coil, 'A1', 5.0));
        self::assertSame(['11635 1'], BenchDesk::course($turned, Happens::Coil, 'A2', 5.0));
        // A second press while it stands still is already for the other way.
        $soon = BenchDesk::run($board, [[10.0, 'press', 'S1'], [12.0, 'press', 'S1'], [12.4, 'press', 'S1']], 20.0);
        self::assertSame(['12635 1'], BenchDesk::course($soon, Happens::Coil, 'A2', 5.0), '0.6 s after 12.035 s.');
    }

    public function testABistableRelayIsPulsedEitherWayAndStaysWithoutPower(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseRelay(['A1'], TestBoards::part('bistable-5v-two', Relay::class)),
            new AddSecondWinding('A1'),
            new SeatFunction('F6', '27'),
        );
        $pulse = TestBoards::part('bistable-5v-two', Relay::class)->bistable;
        self::assertNotNull($pulse);
        $milliseconds = (int) (1000 * min($pulse->greatestPulseSeconds, 2 * $pulse->leastPulseSeconds));
        $course = BenchDesk::run($board, [[10.0, 'close', 'S1'], [12.0, 'open', 'S1'], [14.0, 'close', 'S1'], [16.0, 'cut mains']], 20.0);
        self::assertSame(
            ['10035 1', sprintf('%d 0', 10035 + $milliseconds), '14035 1', sprintf('%d 0', 14035 + $milliseconds)],
            BenchDesk::course($course, Happens::Coil, 'A1', 5.0),
        );
        self::assertSame(['12035 1', sprintf('%d 0', 12035 + $milliseconds)], BenchDesk::course($course, Happens::Coil, 'A3', 5.0));
        self::assertTrue($course->scene->armatures['A1'], 'Its contact stays closed in the dark.');
        $back = BenchDesk::run($board, [[10.0, 'close', 'S1'], [16.0, 'cut mains'], [20.0, 'mains back']], 30.0);
        self::assertSame(0, BenchDesk::runs($back, 'L1'), 'The program opens it when it starts, for nothing says that it shall come back.');
    }

    public function testAContactAtRestIsOffWhileItsCoilIsFed(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseContact(['A1'], ContactUse::NormallyClosed));
        $course = BenchDesk::run($board, [[10.0, 'close', 'S1'], [12.0, 'open', 'S1']], 15.0);
        // On with mains until the program runs; then off until it is asked for.
        self::assertSame('0 1', BenchDesk::course($course, Happens::Appliance, 'L1')[0]);
        self::assertSame(['10035 0', '12035 1'], BenchDesk::course($course, Happens::Coil, 'A1', 5.0));
        self::assertSame(0, BenchDesk::runs($course, 'L1'));
    }

    public function testATwoWayLineIsTurnedOverByWhatIsSensed(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new MakeTwoWay('L1'),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F6', 'GPIO27'),
        );
        $board = self::onChannel($board, self::RADIO, ['L1']);
        // The old switch puts it on; “on” from afar changes nothing, “off” turns the contact over.
        $course = BenchDesk::run($board, [[10.0, 'other switch', 'L1'], [12.0, 'say', 'S3', 'on'], [14.0, 'say', 'S3', 'off']], 20.0);
        self::assertSame(['10000 1', '14056 0'], array_map(
            static fn(string $one): string => str_replace(['14055', '14057', '14058', '14059'], '14056', $one),
            BenchDesk::course($course, Happens::Appliance, 'L1', 5.0),
        ));
        self::assertSame(['14050 1'], BenchDesk::course($course, Happens::Coil, 'A1', 5.0));
    }

    public function testATimerActsByItsTableAndWhatWasMissedAsIsStated(): void
    {
        $board = TestBoards::edited(
            TestBoards::operatedInManyWays(),
            new ChangeChannel('C2', blockSeconds: 0.0),
            new StateActiveLevel(['A5'], Level::High),
        );
        // On at 6:30 every day, off at 21:15 from Monday to Friday. It begins at 6:29 on a Tuesday; the time is known once the broker is.
        $morning = BenchDesk::run($board, [], 120.0, clock: (24 + 6) * 60 + 29);
        self::assertSame(['60000 1'], BenchDesk::course($morning, Happens::Coil, 'A5', 30.0));
        // Begun at noon, the line goes to what the table says for now.
        self::assertSame(1, BenchDesk::runs(BenchDesk::run($board, [], 20.0, clock: 12 * 60), 'L4'));
        // On a Saturday it is not switched off in the evening.
        $saturday = BenchDesk::run($board, [], 120.0, clock: (5 * 24 + 21) * 60 + 14);
        self::assertSame(1, BenchDesk::runs($saturday, 'L4'));
        $monday = BenchDesk::run($board, [], 120.0, clock: 21 * 60 + 14);
        self::assertSame(0, BenchDesk::runs($monday, 'L4'));
    }

    public function testASensorKeepsToItsThresholdsItsLeastTimesAndWhatIsStatedForItsLoss(): void
    {
        $board = BenchDesk::demo('utility-room');
        // Humidity: on at 60 %, off at 50 %, at least 600 s on; its line rests 240 s after the start. Read half a second later.
        $course = BenchDesk::run($board, [
            [300.0, 'sensor', 'S14', '59'],
            [310.0, 'sensor', 'S14', '60'],
            [320.0, 'sensor', 'S14', '40'],
            [1200.0, 'sensor', 'S14', '70'],
            [1300.0, 'sensor', 'S14', ''],
        ], 1400.0);
        self::assertSame(['310500 1', '910500 0', '1200500 1', '1300500 0'], BenchDesk::course($course, Happens::Coil, 'A1', 250.0));
    }

    public function testLampsTellWhatIsConnectedAndWhatIsWrong(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddFunction(FunctionKind::StatusLed, 'Link lamp'),
            new AddFunction(FunctionKind::StatusLed, 'Alarm lamp'),
            new StateLamp('F6', tells: LampTells::Connected),
            new StateLamp('F7', tells: LampTells::Alarm),
            new SeatFunction('F6', '27'),
            new SeatFunction('F7', '26'),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F8', '25'),
        );
        $board = self::onChannel($board, 'message-broker', ['L1']);
        $course = BenchDesk::run($board, [
            [10.0, 'close', 'S1'],
            [12.0, 'weld', 'A1'],
            [14.0, 'open', 'S1'],
            [20.0, 'outage', 'radio'],
            [30.0, 'back', 'radio'],
        ], 60.0);
        // Told to be off at 14.035 s and still on a second later.
        self::assertSame(['15035 1'], BenchDesk::course($course, Happens::Lamp, 'F7'));
        self::assertSame('21000 0', BenchDesk::course($course, Happens::Lamp, 'F6', 15.0)[0], 'Missed after a second.');
        self::assertTrue($course->scene->lamps['F6']);
    }

    public function testALineOfAnotherPairMakesRoom(): void
    {
        $board = TestBoards::edited(
            TestBoards::withLines(2),
            new AddGroup(GroupKind::NeverTogether, 'Apart', ['F1', 'F2']),
            new InterlockGroup('G1', pauseSeconds: 0.25),
        );
        $board = self::onChannel($board, self::RADIO, ['L1', 'L2']);
        $course = BenchDesk::run($board, [[10.0, 'say', 'S1', 'on'], [12.0, 'say', 'S2', 'on']], 15.0);
        self::assertSame(['10050 1', '12050 0'], BenchDesk::course($course, Happens::Coil, 'A1', 5.0));
        self::assertSame(['12300 1'], BenchDesk::course($course, Happens::Coil, 'A2', 5.0));
        // A contact that has welded shows what the pause is for.
        $welded = BenchDesk::run($board, [[10.0, 'say', 'S1', 'on'], [11.0, 'weld', 'A1'], [12.0, 'say', 'S2', 'on']], 15.0);
        self::assertCount(1, $welded->all(Happens::Harm));
    }

    /**
     * @param list<string> $lines
     */
    private static function onChannel(Board $board, string $profile, array $lines): Board
    {
        return TestBoards::edited(
            $board,
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Afar'),
            new PutOnChannel('C1', $lines),
            // A broker is sought beside all else; a serial radio is the controller’s own.
            self::RADIO === $profile ? new ChangeChannel('C1', link: LinkKind::Inside) : new ChangeChannel('C1', blockSeconds: 0.0),
        );
    }

    /**
     * The steps that an appliance ran in, one after the other; standing still between two of them is left out.
     *
     * @return list<string>
     */
    private static function steps(Course $course, string $line): array
    {
        $steps = [];
        $all = $course->all(Happens::Appliance, $line);
        foreach ($all as $place => $one) {
            $next = $all[$place + 1] ?? null;
            if ('0' !== $one->value || null === $next || $next->micros - $one->micros > 1_000_000) {
                $steps[] = $one->value;
            }
        }

        return $steps;
    }
}
