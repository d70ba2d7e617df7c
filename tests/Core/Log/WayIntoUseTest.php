<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Log;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\CommissioningStep;
use IronLatch\Core\Log\CopyState;
use IronLatch\Core\Log\Outcome;
use IronLatch\Core\Log\Phase;
use IronLatch\Core\Log\RevisionChange;
use IronLatch\Core\Log\StepReading;
use IronLatch\Core\Log\Walk;
use IronLatch\Core\Log\WayIntoUse;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Wiring\Listing\WiringDiff;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** What a copy has to go through again when it is built after another revision, and what keeps every copy of a board from mains. */
final class WayIntoUseTest extends TestCase
{
    private const TODAY = '2026-03-14';

    private static function way(Board $board): WayIntoUse
    {
        $inspection = new Inspection($board);

        return WayIntoUse::of($inspection, Inspector::withRuleBook()->inspect($inspection));
    }

    /** A copy in use, on which everything was found as it should be. */
    private static function inUse(WayIntoUse $way): BoardCopy
    {
        $copy = new BoardCopy('1', 1, ticked: ['W1']);
        foreach ($way->steps as $step) {
            $walk = $way->walk($copy, self::TODAY);
            $copy = null !== $step->holdPoint
                ? $walk->verified($step, 'Ada Quill', self::TODAY)
                : $walk->with(new StepReading($step->key, Outcome::AsItShould, at: self::TODAY, by: 'Ada Quill'));
        }

        return Copy::of($copy, ['state' => CopyState::InUse]);
    }

    /** @return list<string> phases in which something is to be taken again */
    private static function phases(Walk $walk): array
    {
        $open = array_filter($walk->steps, static fn(CommissioningStep $step): bool => null === $walk->outcome($step));

        return array_values(array_unique(array_map(static fn(CommissioningStep $step): string => $step->phase->value, $open)));
    }

    public function testTheSameWiringAndProgramLeaveACopyAsItIs(): void
    {
        $board = BenchDesk::demo('utility-room');
        $way = self::way($board);
        $copy = self::inUse(WayIntoUse::of(new Inspection($board), Inspector::withRuleBook()->inspect(new Inspection($board))));
        $walk = $way->walk($copy, self::TODAY);
        self::assertEquals($copy, $walk->copy);
        self::assertTrue($walk->isCommissioned());
    }

    public function testAnotherWiringTakesWhatBarsMainsAgain(): void
    {
        $board = BenchDesk::demo('utility-room');
        $copy = self::inUse(self::way($board));
        $walk = self::way((new RemoveLine('L5'))->apply($board))->walk($copy, self::TODAY);
        self::assertFalse($walk->mayHaveMains());
        self::assertSame([[], CopyState::Building], [$walk->copy->verified, $walk->copy->state]);
        $phases = self::phases($walk);
        foreach ([Phase::Look, Phase::Insulation, Phase::LowVoltage, Phase::Verify, Phase::Mains, Phase::Load] as $phase) {
            self::assertContains($phase->value, $phases);
        }
        // What was measured between two ends that are still there stands, and who had verified something is not forgotten.
        $continuity = array_filter($walk->steps, static fn(CommissioningStep $step): bool => Phase::Continuity === $step->phase);
        $standing = array_filter($continuity, static fn(CommissioningStep $step): bool => null !== $walk->outcome($step));
        self::assertGreaterThan(0.9 * count($continuity), count($standing));
        $told = array_filter($walk->copy->readings, static fn(StepReading $one): bool => str_starts_with($one->note, 'verified before by'));
        self::assertCount(count($copy->verified), $told);
        self::assertSame('verified before by Ada Quill on 2026-03-14', array_values($told)[0]->note);
        // Once, not every time that somebody looks.
        $again = self::way((new RemoveLine('L5'))->apply($board))->walk($walk->copy, self::TODAY);
        self::assertEquals($walk->copy, $again->copy);
    }

    public function testAnotherProgramTakesWhatItDoesAgain(): void
    {
        $board = BenchDesk::demo('utility-room');
        $way = self::way($board);
        $copy = Copy::of(self::inUse($way), ['programHash' => str_repeat('0', 64)]);
        $walk = $way->walk($copy, self::TODAY);
        self::assertSame([Phase::LowVoltage->value, Phase::Mains->value, Phase::Load->value], self::phases($walk));
        self::assertCount(count($copy->verified), $walk->copy->verified);
        self::assertFalse($walk->mayHaveMains());
    }

    /** A name is neither wired nor, where nothing is announced by it, programmed. */
    public function testAnotherNameTakesNothingAgain(): void
    {
        foreach (['utility-room', 'aquarium', 'fermentation', 'first-try'] as $demo) {
            $board = BenchDesk::demo($demo);
            $named = (new RenameLine('L1', 'Another name'))->apply($board);
            $wiring = static fn(Board $one): string => WiringDiff::fingerprint((new Inspection($one))->connections());
            self::assertSame($wiring($board), $wiring($named), $demo);
            self::assertTrue(WiringDiff::between(
                (new Inspection($board))->connections(),
                (new Inspection($named))->connections(),
            )->isEmpty(), $demo);
        }
        $board = BenchDesk::demo('fermentation');
        $copy = self::inUse(self::way($board));
        self::assertEquals($copy, self::way((new RenameLine('L1', 'Another name'))->apply($board))->walk($copy, self::TODAY)->copy);
    }

    public function testACopyThatWasGivenAwayStaysSo(): void
    {
        $board = BenchDesk::demo('utility-room');
        $copy = Copy::of(self::inUse(self::way($board)), ['state' => CopyState::GivenAway]);
        $walk = self::way((new RemoveLine('L5'))->apply($board))->walk($copy, self::TODAY);
        self::assertSame(CopyState::GivenAway, $walk->copy->state);
        self::assertFalse($walk->mayHaveMains());
    }

    public function testWhatIsOpenOnTheBoardKeepsEveryCopyFromMains(): void
    {
        $sound = self::way(BenchDesk::demo('utility-room'));
        self::assertSame([], $sound->open);
        $way = self::way(BenchDesk::demo('first-try'));
        self::assertContains('“Window fan” is switched in the neutral: the appliance stays live when it is off.', $way->open);
        self::assertNotContains('Nothing operates “Radio”.', $way->open, 'What is weak hurts nobody.');
        $walk = $way->walk(self::inUseButMains($way), self::TODAY);
        self::assertSame([], $walk->bars());
        self::assertFalse($walk->mayHaveMains());
        self::assertTrue($walk->isBarred($walk->step('mains:on') ?? self::fail()));
        // What no rule could judge of a danger.
        $aquarium = self::way(BenchDesk::demo('aquarium'))->open;
        self::assertNotSame([], array_filter($aquarium, static fn(string $words): bool => str_contains($words, 'not checked, needs')));
    }

    private static function inUseButMains(WayIntoUse $way): BoardCopy
    {
        $copy = self::inUse($way);

        return Copy::of($copy, ['readings' => array_values(array_filter(
            $copy->readings,
            static fn(StepReading $one): bool => !str_starts_with($one->step, 'mains:') && !str_starts_with($one->step, 'load:'),
        ))]);
    }

    public function testARoomThatIsFullLosesWhatWasReplaced(): void
    {
        $first = new StepReading('a', Outcome::AsItShould, at: '2026-01-01');
        $readings = [$first, ...array_fill(0, 4_999, new StepReading('b', Outcome::Off))];
        $copy = (new BoardCopy('1', 1, readings: $readings))->with(new StepReading('c', Outcome::AsItShould));
        self::assertCount(5_000, $copy->readings);
        self::assertSame(['2026-01-01', Outcome::Off, Outcome::AsItShould], [
            $copy->last('a')?->at, $copy->last('b')?->outcome, $copy->last('c')?->outcome,
        ]);
    }

    public function testWhatOneRevisionChangesInWords(): void
    {
        $before = BenchDesk::demo('utility-room');
        $renamed = (new RenameLine('L4', 'Garden tap'))->apply($before);
        $change = RevisionChange::between(new Inspection($before), new Inspection((new RemoveLine('L5'))->apply($renamed)));
        self::assertSame(['“Worktop lamp” is gone', '“Water valve” is called “Garden tap” now'], $change->lines);
        self::assertMatchesRegularExpression('/^“Worktop lamp relay” is gone from GPIO\d+/', $change->pins[0]);
        self::assertStringStartsWith('out ', $change->parts()[0]);
        self::assertLessThan(-1.0, $change->euros);
        self::assertFalse($change->isNothing());
        // The other way round all of it comes.
        $back = RevisionChange::between(new Inspection((new RemoveLine('L5'))->apply($before)), new Inspection($before));
        self::assertSame(['“Worktop lamp” is new'], $back->lines);
        self::assertEqualsWithDelta(-$change->euros, $back->euros, 1e-6);
        $none = RevisionChange::between(new Inspection($before), new Inspection($before));
        self::assertTrue($none->isNothing());
        // A name alone is wired and programmed as before, and still said.
        $name = RevisionChange::between(new Inspection($before), new Inspection($renamed));
        self::assertSame(['“Water valve” is called “Garden tap” now'], $name->lines);
        self::assertFalse($name->isNothing());
    }
}
