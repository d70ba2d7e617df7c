<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\Tracks;
use IronLatch\Core\Bench\TrialKind;
use IronLatch\Core\Bench\TrialReport;
use IronLatch\Core\Bench\TrialResult;
use IronLatch\Core\Bench\TrialRun;
use IronLatch\Core\Bench\TrialVerdict;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Brief\Draft;
use IronLatch\Core\Brief\DraftRun;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Stock;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\LatchState;
use IronLatch\Tests\Core\Brief\Briefs;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The whole trial of a board: what passes, and for each thing that was put wrong the cell that says so. */
final class TrialTest extends TestCase
{
    #[TestWith(['utility-room', 366, 50])]
    #[TestWith(['fermentation', 20, 0])]
    public function testASoundBoardPassesAllOfIt(string $demo, int $cells, int $away): void
    {
        $report = self::trial(BenchDesk::demo($demo));
        self::assertSame([], self::said($report));
        self::assertSame([], $report->gaps);
        self::assertCount($cells, $report->results);
        self::assertCount(
            $away,
            array_filter($report->results, static fn(TrialResult $one): bool => TrialVerdict::OutOfReach === $one->verdict),
        );
        self::assertTrue($report->passes());
        $stage = Inspector::withRuleBook()->inspect(new Inspection(BenchDesk::demo($demo)), $report->note())->stages['Bench'];
        self::assertSame([LatchState::Shut, sprintf('shut, %d tried', $cells)], [$stage->state, $stage->words()]);
    }

    public function testTheBoardShownMidWorkFailsWhereItsFindingsSay(): void
    {
        $report = self::trial(BenchDesk::demo('aquarium'));
        $said = self::said($report);
        // Reconnecting holds up everything; GPIO16 is high while the chip starts; a switch holds the strap of GPIO0.
        self::assertContains('surface L4 S4 radio: late', $said);
        self::assertContains('closed at power-up F7: does not act', $said);
        self::assertStringContainsString('Dosing pump', self::words($report, TrialVerdict::Astray));
        self::assertSame(['Timer of “Dosing pump”: its times'], $report->gaps);
    }

    public function testTheFaultyBoardDoesNotEvenStart(): void
    {
        $report = self::trial(BenchDesk::demo('first-try'));
        self::assertStringContainsString('the program does not start', self::words($report, TrialVerdict::DoesNotAct));
        self::assertSame([], array_filter($report->results, static fn(TrialResult $one): bool => TrialVerdict::Passes === $one->verdict));
        $stage = Inspector::withRuleBook()->inspect(new Inspection(BenchDesk::demo('first-try')), $report->note())->stages['Bench'];
        self::assertSame(LatchState::Open, $stage->state);
    }

    /**
     * One thing put wrong on the sound Utility room board, and the cells that fail of it, by how they begin.
     *
     * @return iterable<string, array{Edit, string, TrialVerdict}>
     */
    public static function faults(): iterable
    {
        yield 'a base resistor a hundred times too large' => [
            new SetDriverValue(['A5'], 'baseOhms', 47e3),
            'surface L5 ',
            TrialVerdict::DoesNotAct,
        ];
        yield 'a doubled pin' => [new SeatFunction('F5', 'GPIO17'), 'surface L5 ', TrialVerdict::Astray];
        yield 'a toggle over a broker' => [new TellSurface('S19', Operation::Toggle), 'message lost L5 S19', TrialVerdict::DoesNotAct];
        yield 'reconnecting holds everything up' => [
            new ChangeChannel('C1', blockSeconds: 6.0),
            'surface L5 S9 radio',
            TrialVerdict::DoesNotAct,
        ];
        yield 'an absent hand' => [new TellSurface('S17', Operation::Explicit), 'surface L3 S17', TrialVerdict::DoesNotAct];
        yield 'an input pin for a relay' => [new SeatFunction('F5', 'GPIO36'), 'surface L5 S9', TrialVerdict::DoesNotAct];
    }

    #[DataProvider('faults')]
    public function testAPlantedFaultFailsWhereItBelongs(Edit $fault, string $begins, TrialVerdict $verdict): void
    {
        $report = self::trial(TestBoards::edited(BenchDesk::demo('utility-room'), $fault));
        $failed = array_filter($report->failures(), static fn(TrialResult $one): bool => str_starts_with($one->cell->id, $begins));
        self::assertNotSame([], $failed, implode("\n", self::said($report)));
        self::assertContains($verdict, array_map(static fn(TrialResult $one): TrialVerdict => $one->verdict, array_values($failed)));
    }

    /** What is stated decides what must come of it: a line that may come back must, and one of several may be full. */
    public function testWhatIsExpectedFollowsFromWhatIsStated(): void
    {
        $board = TestBoards::edited(BenchDesk::demo('utility-room'), new StateSafety(['L5'], restore: RestorePolicy::On));
        self::assertSame([], self::said(self::trial($board)));
        self::assertSame([], self::said(self::trial(TestBoards::edited($board, new StateBox(atOnce: 2)))));
    }

    public function testOutagesThatTakeTheSameAwayAreTriedOnce(): void
    {
        $run = new TrialRun(new Inspection(BenchDesk::demo('utility-room')));
        $results = array_map($run->result(...), array_keys($run->cells));
        $by = [];
        foreach ($results as $one) {
            $by[$one->cell->outage?->key() ?? ''][$one->cell->line . $one->cell->by . $one->cell->words] = $one->verdict;
        }
        // Service and account of the assistant are two outages of one hop.
        self::assertSame($by['C2 service'], $by['C2 account']);
        self::assertNotSame($by['C2 service'], $by['radio']);
    }

    public function testACellRunsTheSameOnceMoreWithItsCauses(): void
    {
        $run = new TrialRun(new Inspection(BenchDesk::demo('aquarium')));
        foreach ($run->cells as $place => $cell) {
            if ('closed at power-up F7' === $cell->id) {
                $replay = $run->replay($place);
                $words = array_map(static fn($one): string => $one->words, $replay->happenings);
                self::assertStringContainsString('“Return pump wall switch” is closed', implode("\n", $words));
                self::assertSame(TrialVerdict::DoesNotAct, $replay->result->verdict);
                self::assertSame($run->result($place)->verdict, $replay->result->verdict);
                self::assertSame('stuck', $replay->tracks()->at(Tracks::CHIP, (int) $replay->failedMicros));
                self::assertGreaterThan($replay->beganMicros, $replay->failedMicros);

                return;
            }
        }
        self::fail('There is no such cell.');
    }

    /**
     * Ten drafted boards of different makers: whatever the drafter makes runs, and fails only where a fact is missing.
     *
     * @return iterable<string, array{string}>
     */
    public static function drafted(): iterable
    {
        $taken = 0;
        foreach (Briefs::all() as $name => [$sentence]) {
            if ($taken++ < 10) {
                yield $name => [$sentence];
            }
        }
    }

    #[DataProvider('drafted')]
    public function testADraftedBoardPassesWhatCanBeTried(string $sentence): void
    {
        $draft = (new DraftRun(SentenceReader::read($sentence)->brief, TestBoards::catalogue(), new Stock()))->at(0);
        self::assertInstanceOf(Draft::class, $draft);
        $report = self::trial($draft->board);
        self::assertSame([], self::said($report));
        self::assertGreaterThan(0, $report->cells);
    }

    /** With nothing known of anything the plan is made and run all the same. */
    public function testABoardOfWhichLittleIsKnownIsTriedAsFarAsItGoes(): void
    {
        $report = self::trial(TestBoards::operatedInManyWays());
        self::assertTrue($report->isWhole());
        self::assertNotSame([], $report->gaps);
        self::assertContains(TrialKind::Pair, array_map(static fn(TrialResult $one): TrialKind => $one->cell->kind, $report->results));
        self::assertSame(0, self::trial(TestBoards::bare())->cells);
    }

    private static function trial(Board $board): TrialReport
    {
        return (new TrialRun(new Inspection($board, TestBoards::catalogue())))->all();
    }

    /**
     * @return list<string> what failed and how
     */
    private static function said(TrialReport $report): array
    {
        return array_map(static fn(TrialResult $one): string => $one->cell->id . ': ' . $one->verdict->value, $report->failures());
    }

    private static function words(TrialReport $report, TrialVerdict $verdict): string
    {
        return implode("\n", array_map(
            static fn(TrialResult $one): string => $one->words,
            array_filter($report->failures(), static fn(TrialResult $one): bool => $one->verdict === $verdict),
        ));
    }
}
