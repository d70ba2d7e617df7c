<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\BoardFacts;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\World;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The world around the program: rails, films, straps, hops and appliances, as far as courses by hand do not show them. */
final class WorldTest extends TestCase
{
    /** Where all relays together take the rail below brown-out, the chip resets in the middle of the command; one by one it does not. */
    public function testARailThatDipsResetsTheChipUnlessTheRelaysFollowEachOther(): void
    {
        $board = self::grouped('module-5v-3w');
        $course = BenchDesk::run($board, [[10.0, 'say', 'K1@C1', 'on']], 20.0, Corner::Worst);
        self::assertNotSame([], $course->all(Happens::Rail, 'R1'));
        self::assertGreaterThanOrEqual(1, $course->scene->resets);
        $firm = BenchDesk::run(self::grouped('module-5v-20w'), [[10.0, 'say', 'K1@C1', 'on']], 20.0, Corner::Worst);
        self::assertSame(0, $firm->scene->resets);
        self::assertSame(
            range(1, 8),
            array_values(array_filter(range(1, 8), static fn(int $line): bool => BenchDesk::runs($firm, 'L' . $line) > 0)),
        );
    }

    private static function grouped(string $supply): Board
    {
        $lines = array_map(static fn(int $line): string => 'L' . $line, range(1, 8));

        return TestBoards::edited(
            TestBoards::withLines(8),
            new ChooseSupply('R1', TestBoards::part($supply, Supply::class)),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', $lines),
            new ChangeChannel('C1', link: LinkKind::Inside),
            new AddLineGroup(LineGroupKind::All, 'All', $lines, ['C1']),
        );
    }

    /** What a typical transistor makes of 3.3 kΩ is enough for the coil; at the worst corner it is not; drawn, some copies do. */
    public function testCopiesOfAWeakCircuitDiffer(): void
    {
        $overrides = ['lines.L1.actuators.A1.driver.baseOhms' => '3.3 kΩ'];
        $does = static fn(Corner $corner, int $seed): int => BenchDesk::runs(
            BenchDesk::run(TestBoards::sound(), [[10.0, 'close', 'S1']], 12.0, $corner, $seed, $overrides),
            'L1',
        );
        self::assertSame([1, 0], [$does(Corner::Typical, 1), $does(Corner::Worst, 1)]);
        $drawn = array_map(static fn(int $seed): int => $does(Corner::Drawn, $seed), range(1, 30));
        self::assertContains(0, $drawn);
        self::assertContains(1, $drawn);
        self::assertSame($drawn[3], $does(Corner::Drawn, 4), 'The same copy again.');
    }

    /** Pins that start high move their relay for the phases that the film says; a strap held by a switch keeps the chip from starting. */
    public function testTheFilmAndTheStrapsOfTheBoardShownMidWork(): void
    {
        $board = BenchDesk::demo('aquarium');
        $course = BenchDesk::run($board, [], 5.0, Corner::Worst);
        $runs = $course->all(Happens::Appliance, 'L5');
        self::assertSame(['1', '0'], array_map(static fn($one): string => $one->value, $runs));
        self::assertLessThan(BenchDesk::programRuns($course) + 20, $runs[1]->micros / 1000);
        self::assertContains('starts up', array_map(static fn($one): string => $one->kind->value, $course->why($runs[0]->id)));
        $held = BenchDesk::run($board, [[6.0, 'cut mains'], [7.0, 'close', 'S4'], [9.0, 'mains back'], [12.0, 'press', 'S1']], 20.0);
        self::assertCount(1, $held->all(Happens::Stuck));
        self::assertSame('stuck', $held->scene->chip);
        self::assertSame(0, BenchDesk::runs($held, 'L1'));
    }

    /** A dip shorter than what the source carries over is nothing; a longer one starts the chip anew. */
    #[TestWith([0.02, 0])]
    #[TestWith([0.2, 1])]
    public function testMainsIsGoneForAMoment(float $seconds, int $starts): void
    {
        $course = BenchDesk::run(BenchDesk::demo('utility-room'), [
            [10.0, 'press', 'S9'],
            [20.0, 'cut mains'],
            [20.0 + $seconds, 'mains back'],
        ], 30.0);
        self::assertCount(1 + $starts, $course->all(Happens::Runs));
        self::assertSame(0 === $starts ? 1 : 0, BenchDesk::runs($course, 'L5'), 'It is stated to stay off after a cut.');
    }

    /** A chain of hops loses what comes while one of them is gone, says at which, and shows what is true once all are back. */
    public function testAHopThatIsGoneIsNamedAndWhatItMissedIsShownLater(): void
    {
        $course = BenchDesk::run(BenchDesk::demo('utility-room'), [
            [10.0, 'outage', 'C3 machine in the house'],
            [11.0, 'say', 'S23', 'on'],
            [15.0, 'press', 'S9'],
            [20.0, 'back', 'C3 machine in the house'],
        ], 30.0);
        self::assertStringContainsString(
            '“House rules”: the machine of “House rules” is off',
            $course->all(Happens::Lost, 'S23')[0]->words,
        );
        self::assertSame(['15085 1'], BenchDesk::course($course, Happens::Shown, 'S19', 9.0), 'The broker knows at once.');
        $shown = $course->all(Happens::Shown, 'S23');
        self::assertGreaterThan(20_000_000, $shown[count($shown) - 1]->micros);
        self::assertSame(1, $course->scene->shown['S23']);
    }

    /** Gone for long, the board is said to be gone: nobody shows a state that nobody knows. */
    public function testTheLastWillMakesSurfacesForget(): void
    {
        $course = BenchDesk::run(BenchDesk::demo('utility-room'), [[20.0, 'cut mains']], 60.0);
        self::assertSame(['42'], array_map(
            static fn(string $one): string => substr($one, 0, 2),
            array_filter(BenchDesk::course($course, Happens::Shown, 'S19', 20.0), static fn(string $one): bool => str_ends_with($one, '?')),
        ), '22.5 s after the board fell silent.');
        self::assertArrayNotHasKey('S19', $course->scene->shown);
    }

    public function testAServiceTakesNoMoreThanItsPlacesAndAPinServiceWritesToItsPin(): void
    {
        $board = TestBoards::edited(
            TestBoards::withLines(3),
            new AddChannel(TestBoards::part('numbered-service', SurfaceProfile::class), 'Pocket'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3']),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new StateTier('C1', entries: 2),
        );
        $course = BenchDesk::run($board, [[10.0, 'say', 'S2', 'on'], [10.0, 'say', 'S3', 'on']], 20.0);
        self::assertSame([1, 0], [BenchDesk::runs($course, 'L2'), BenchDesk::runs($course, 'L3')]);
        self::assertStringContainsString('it takes no more than 2', $course->all(Happens::Lost, 'S3')[0]->words);
        $pins = TestBoards::edited(
            TestBoards::withLines(2),
            new AddChannel(TestBoards::part('pin-service-chip', SurfaceProfile::class), 'Pins'),
            new PutOnChannel('C1', ['L1', 'L2']),
            new TellSurface('S2', address: '23'),
        );
        // Both are told to write to GPIO23, which is the pin of the first: the program never hears of it.
        $written = BenchDesk::run($pins, [[10.0, 'say', 'S2', 'on']], 20.0);
        self::assertSame([1, 0], [BenchDesk::runs($written, 'L1'), BenchDesk::runs($written, 'L2')]);
        self::assertSame(0, $written->scene->program?->step('L1'));
    }

    /** What is joined to no pin, or to one that does not receive, brings nothing to the program. */
    public function testASerialRadioWithoutItsPinsBringsNothing(): void
    {
        $board = TestBoards::edited(
            TestBoards::withLines(2),
            new AddChannel(TestBoards::part('serial-radio-text', SurfaceProfile::class), 'Radio'),
            new PutOnChannel('C1', ['L1', 'L2']),
        );
        $says = [[10.0, 'say', 'S1', 'on']];
        $without = BenchDesk::run($board, $says, 12.0);
        self::assertSame(0, BenchDesk::runs($without, 'L1'));
        self::assertStringContainsString('wants a serial link', $without->all(Happens::Lost, 'S1')[0]->words);
        $unseated = TestBoards::edited($board, new AddGroup(GroupKind::Uart, 'Link'));
        self::assertStringContainsString(
            'a pin that does not receive',
            BenchDesk::run($unseated, $says, 12.0)->all(Happens::Lost, 'S1')[0]->words,
        );
        $seated = TestBoards::edited($unseated, new SeatFunction('F3', '17'), new SeatFunction('F4', '16'));
        self::assertSame(1, BenchDesk::runs(BenchDesk::run($seated, $says, 12.0), 'L1'));
    }

    /** Off is not isolated: a contact in the neutral leaves the inside live, one in the live conductor does not. */
    public function testWhatIsLiveFollowsFromTheConductorThatIsSwitched(): void
    {
        $live = static function (SwitchedConductor $conductor, bool $on): ?bool {
            $board = TestBoards::edited(TestBoards::sound(), new StateConductor(['L1'], $conductor));
            $course = BenchDesk::run($board, $on ? [[10.0, 'close', 'S1']] : [], 12.0);

            return (new World($course->facts))->isLive($course->scene, 'L1');
        };
        self::assertSame([true, false], [$live(SwitchedConductor::Live, true), $live(SwitchedConductor::Live, false)]);
        self::assertSame([true, true], [$live(SwitchedConductor::Neutral, true), $live(SwitchedConductor::Neutral, false)]);
        $dark = BenchDesk::run(TestBoards::sound(), [[10.0, 'cut mains']], 12.0);
        self::assertFalse((new World($dark->facts))->isLive($dark->scene, 'L1'));
    }

    /** What heats comes to 63 % of its warmth in ten minutes and loses it as slowly: 1 − 1/e, and that over e. */
    public function testWhatHeatsGetsWarmAndCoolsDown(): void
    {
        $world = new World(BoardFacts::of(new Inspection(TestBoards::sound()), Corner::Typical));
        $scene = $world->dark(1);
        $world->mainsComes($scene, 0);
        $world->runTo($scene, Micros::of(10.0));
        $world->deed($scene, Deed::of(0.0, DeedKind::Press, 'S2'));
        $world->runTo($scene, Micros::of(610.0));
        self::assertEqualsWithDelta(1 - exp(-1), $world->warmth($scene, 'L2'), 1e-3);
        $world->deed($scene, Deed::of(0.0, DeedKind::Press, 'S2'));
        $world->runTo($scene, Micros::of(1210.0));
        self::assertEqualsWithDelta((1 - exp(-1)) * exp(-1), $world->warmth($scene, 'L2'), 1e-3);
        self::assertSame(0.0, $world->warmth($scene, 'L1'), 'A lamp does not heat for its own sake.');
        self::assertSame([1, 600], [$scene->begun['L2'], (int) round($scene->ranMicros['L2'] / 1e6)]);
    }

    /** A compressor that starts again too soon is seen, whatever the program was told. */
    public function testACompressorThatDoesNotRestIsSeen(): void
    {
        $board = BenchDesk::demo('fermentation');
        $deeds = [[400.0, 'sensor', 'S2', '25'], [1000.0, 'cut mains'], [1003.0, 'mains back']];
        self::assertSame([], self::haste(BenchDesk::run($board, $deeds, 1600.0)));
        $hasty = BenchDesk::run($board, $deeds, 1600.0, overrides: ['lines.L2.safety.restSeconds' => '0 s']);
        self::assertCount(1, self::haste($hasty));
    }

    /**
     * @return list<string>
     */
    private static function haste(Course $course): array
    {
        return array_map(static fn($one): string => $one->words, $course->all(Happens::Harm, 'L2'));
    }
}
