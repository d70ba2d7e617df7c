<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Log;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Log\BoardCopy;
use IronLatch\Core\Log\Commissioning;
use IronLatch\Core\Log\CommissioningStep;
use IronLatch\Core\Log\Outcome;
use IronLatch\Core\Log\OverCopies;
use IronLatch\Core\Log\Phase;
use IronLatch\Core\Log\StepReading;
use IronLatch\Core\Log\Tool;
use IronLatch\Core\Log\Walk;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** The walk of a copy into use: its order, what a sound copy reads, and what keeps it from mains. */
final class CommissioningTest extends TestCase
{
    /**
     * @return list<CommissioningStep>
     */
    private static function steps(?Board $board = null): array
    {
        $inspection = new Inspection($board ?? BenchDesk::demo('utility-room'));

        return Commissioning::of($inspection, Inspector::withRuleBook()->inspect($inspection));
    }

    private static function step(string $key, ?Board $board = null): CommissioningStep
    {
        return (new Walk(self::steps($board), new BoardCopy('1', 1)))->step($key) ?? self::fail($key);
    }

    private static function titled(string $title): CommissioningStep
    {
        foreach (self::steps() as $step) {
            if ($step->title === $title) {
                return $step;
            }
        }
        self::fail($title);
    }

    /** A copy on which all is found as it should be, up to mains. */
    private static function readyForMains(): BoardCopy
    {
        $copy = new BoardCopy('1', 1);
        $steps = self::steps();
        foreach ($steps as $step) {
            $walk = new Walk($steps, $copy);
            $copy = match (true) {
                null !== $step->holdPoint => $walk->verified($step, 'Ada Quill', '2026-03-14'),
                $step->phase->isLive() => $copy,
                default => $walk->with(new StepReading($step->key, Outcome::AsItShould, by: 'Ada Quill')),
            };
        }

        return $copy;
    }

    public function testNobodyWorksOnLiveMains(): void
    {
        foreach (['utility-room', 'aquarium', 'fermentation', 'first-try'] as $demo) {
            $steps = self::steps(BenchDesk::demo($demo));
            $places = array_map(static fn(CommissioningStep $step): int => (int) array_search($step->phase, Phase::cases(), true), $steps);
            $sorted = $places;
            sort($sorted);
            self::assertSame($sorted, $places, 'One phase after the other.');
            $keys = array_map(static fn(CommissioningStep $step): string => $step->key, $steps);
            self::assertSame($keys, array_values(array_unique($keys)), $demo);
            foreach ($steps as $step) {
                if ($step->phase->isLive()) {
                    self::assertNotSame(Tool::Meter === $step->tool && 'load:warm' !== $step->key, true, 'Nothing inside is measured.');
                }
                self::assertSame($step->phase === Phase::Verify, null !== $step->holdPoint);
            }
        }
        // Every line by itself, then all together, and only then an hour under load.
        $live = array_filter(self::steps(), static fn(CommissioningStep $step): bool => $step->phase->isLive());
        self::assertSame(
            'mains:on mains:L1 mains:L2 mains:L3 mains:L5 mains:L6 mains:ramp mains:restore load:warm load:resets',
            implode(' ', array_map(static fn(CommissioningStep $step): string => $step->key, $live)),
        );
        self::assertStringContainsString('mains module stays unfed', Phase::LowVoltage->caution());
        self::assertStringContainsString('nothing inside is touched or measured', Phase::Mains->caution());
    }

    /** Six of them by hand. */
    public function testWhatASoundCopyReads(): void
    {
        // A module of 5 V ± 2 %.
        $rail = self::step('rail:R1')->expected;
        self::assertEqualsWithDelta([4.9, 5.0, 5.1], [$rail?->least, $rail?->typical, $rail?->most], 1e-9);
        // 470 Ω ± 5 %, with nothing beside it.
        $resistor = self::titled('R11 1 and R11 2')->expected;
        self::assertEqualsWithDelta([446.5, 470.0, 493.5], [$resistor?->least, $resistor?->typical, $resistor?->most], 1e-6);
        // A coil of 62 Ω ± 10 %: 55.8 Ω to 68.2 Ω.
        $coil = self::titled('K11 A1 and K11 A2')->expected;
        self::assertEqualsWithDelta([55.8, 62.0, 68.2], [$coil?->least, $coil?->typical, $coil?->most], 0.5);
        // A pin that is low rests below a quarter of 3.3 V less its tolerance: V_IL = 0.25 VDD.
        $rest = self::step('rest:A1')->expected;
        self::assertEqualsWithDelta([0.0, 0.8], [$rest?->least, $rest?->most], 0.03);
        // The coil gets the rail less a saturated transistor: 5 V − 0.1 V, and 4.9 V − 0.15 V at the least.
        $volts = self::step('coil:A1')->expected;
        self::assertEqualsWithDelta([4.75, 4.9, 5.05], [$volts?->least, $volts?->typical, $volts?->most], 0.03);
        // All eight coils: 8 × 4.91 V ÷ 62 Ω = 0.63 A, besides some 0.11 A that flow with all off, and the bases.
        $idle = self::step('idle:R1')->expected->typical ?? 0.0;
        $on = self::step('on:R1')->expected->typical ?? 0.0;
        self::assertEqualsWithDelta(8 * 4.91 / 62, $on - $idle, 0.06);
        self::assertSame('4.91 V, between 4.76 V and 5.04 V', $volts?->words());
        self::assertSame('exactly 0', self::step('resets')->expected?->words());
        self::assertSame('at least 1 MΩ', self::step('insulation:500V')->expected?->words());
    }

    public function testALimitOnBothSides(): void
    {
        $step = self::step('rail:R1');
        $outcome = static fn(string $text): Outcome => Walk::measured($step, $text, '2026-03-14')->outcome;
        self::assertSame([Outcome::Off, Outcome::AsItShould], [$outcome('4.89 V'), $outcome('4.9')]);
        self::assertSame([Outcome::AsItShould, Outcome::Off], [$outcome('5,10 V'), $outcome('5.11 V')]);
        self::assertSame('4.89 V', Walk::measured($step, '4890 mV', '')->value);
        self::assertSame(Outcome::Off, Walk::measured(self::step('resets'), '1', '')->outcome);
        self::assertSame(Outcome::AsItShould, Walk::measured(self::step('resets'), ' 0 ', '')->outcome);
        $this->expectExceptionMessage('current');
        Walk::measured($step, '100 mA', '');
    }

    public function testNothingIsMeasuredWhereNothingIsToBeMeasured(): void
    {
        $this->expectExceptionMessage('Nothing is measured at this step');
        Walk::measured(self::step('cycles'), '3 V', '');
    }

    public function testMainsWaitsForEveryPromiseAndEveryReadingOfTheMainsSide(): void
    {
        $steps = self::steps();
        $ready = self::readyForMains();
        $walk = new Walk($steps, $ready);
        $mains = self::step('mains:on');
        self::assertSame([[], false], [$walk->bars(), $walk->isBarred($mains)]);
        self::assertSame('mains:on', $walk->next()?->key);
        self::assertFalse($walk->isCommissioned());
        // Each promise by itself.
        foreach ($ready->verified as $place => $one) {
            $without = Copy::of($ready, ['verified' => array_values(array_diff_key($ready->verified, [$place => 0]))]);
            self::assertTrue((new Walk($steps, $without))->isBarred($mains), $one->point);
        }
        // Insulation that was not measured, and a coil that was off.
        foreach (['insulation:500V' => Outcome::NotMeasured, 'coil:A1' => Outcome::Off, 'rail:R1' => Outcome::Off] as $key => $outcome) {
            $again = new Walk($steps, $walk->with(new StepReading($key, $outcome)));
            self::assertSame([$key], array_map(static fn(CommissioningStep $step): string => $step->key, $again->bars()));
            self::assertFalse($again->isBarred($steps[0]), 'Only mains waits.');
        }
        // What a maker without a meter may leave out.
        $left = new Walk($steps, $walk->with(new StepReading(self::titled('R11 1 and R11 2')->key, Outcome::NotMeasured)));
        self::assertFalse($left->isBarred($mains));
        // Found wrong and mended: the last counts, the first stays.
        $mended = $walk->with(new StepReading('coil:A1', Outcome::Off));
        $mended = (new Walk($steps, $mended))->with(new StepReading('coil:A1', Outcome::AsItShould));
        self::assertSame([], (new Walk($steps, $mended))->bars());
        self::assertCount(3, array_filter($mended->readings, static fn(StepReading $one): bool => 'coil:A1' === $one->step));
    }

    public function testWhatTakesSomebodyCompetentTakesAName(): void
    {
        $walk = new Walk(self::steps(), new BoardCopy('1', 1));
        self::assertCount(1, $walk->with(new StepReading('insulation:500V', Outcome::Off))->readings, 'What is wrong anybody may say.');
        self::assertCount(1, $walk->with(Walk::measured(self::step('insulation:500V'), '20 MΩ', '', 'B. Ash'))->readings);
        $this->expectExceptionMessage('say by name who has done it');
        $walk->with(Walk::measured(self::step('insulation:500V'), '20 MΩ', ''));
    }

    public function testANumberIsJudgedByTheLimitsAsTheyAreNow(): void
    {
        $step = self::step('rail:R1');
        $read = new BoardCopy('1', 1, readings: [new StepReading('rail:R1', Outcome::AsItShould, '4.7 V')]);
        self::assertSame(Outcome::Off, (new Walk([$step], $read))->outcome($step));
        $read = new BoardCopy('1', 1, readings: [new StepReading('rail:R1', Outcome::Off, '4.95 V')]);
        self::assertSame(Outcome::AsItShould, (new Walk([$step], $read))->outcome($step));
    }

    public function testAMakerWithoutAMeterGetsWhatNeedsNone(): void
    {
        $steps = self::steps();
        $copy = new BoardCopy('1', 1);
        $seen = [];
        while (null !== $step = (new Walk($steps, $copy))->next(withMeter: false)) {
            self::assertNotSame(Tool::Meter, $step->tool);
            $seen[] = $step->key;
            $walk = new Walk($steps, $copy);
            $copy = null === $step->holdPoint
                ? $walk->with(new StepReading($step->key, Outcome::AsItShould, by: 'Ada Quill'))
                : $walk->verified($step, 'Ada Quill', '');
        }
        self::assertContains('cycles', $seen);
        self::assertTrue((new Walk($steps, $copy))->isBarred(self::step('mains:on')), 'Earth and insulation are measured by somebody.');
    }

    public function testAPromiseIsVerifiedByName(): void
    {
        $steps = self::steps();
        $walk = new Walk($steps, new BoardCopy('1', 1));
        $step = array_values(array_filter($steps, static fn(CommissioningStep $one): bool => null !== $one->holdPoint))[0];
        $copy = $walk->verified($step, ' Ada Quill ', '2026-03-14');
        self::assertSame([$step->holdPoint, $step->title, 'Ada Quill'], [
            $copy->verified[0]->point, $copy->verified[0]->words, $copy->verified[0]->by,
        ]);
        self::assertCount(1, (new Walk($steps, $copy))->verified($step, 'B. Ash', '')->verified);
        // Another distance is another promise.
        self::assertTrue($copy->isVerified((string) $step->holdPoint, $step->title));
        self::assertFalse($copy->isVerified((string) $step->holdPoint, $step->title . ' And more.'));
        $this->expectExceptionMessage('by name');
        $walk->verified($step, ' ', '');
    }

    /**
     * @param array<string, string> $values by copy
     */
    private static function over(string $key, array $values): OverCopies
    {
        $steps = self::steps();
        $step = self::step($key);
        $copies = [];
        foreach ($values as $id => $value) {
            $copies[$id] = (new Walk($steps, new BoardCopy($id, 1)))->with(Walk::measured($step, $value, ''));
        }

        return OverCopies::all($steps, $copies)[0];
    }

    public function testTheCopyThatStandsOut(): void
    {
        self::assertNull(self::over('rail:R1', ['a' => '4.99 V', 'b' => '5.01 V', 'c' => '5.00 V'])->outlier());
        $over = self::over('rail:R1', ['a' => '4.99 V', 'b' => '5.01 V', 'c' => '4.91 V', 'd' => '5.00 V']);
        self::assertSame(['c', [], false], [$over->outlier(), $over->off, $over->isFaultOfDesign()], 'Within its limits, and yet alone.');
        self::assertNull(self::over('rail:R1', ['a' => '4.9 V', 'b' => '5.1 V'])->outlier(), 'Two tell nothing.');
    }

    public function testWhatGoesWrongOnTwoOfFiveIsAFaultOfTheDesign(): void
    {
        $good = ['a' => '4.99 V', 'b' => '5 V', 'c' => '5 V'];
        self::assertTrue(self::over('rail:R1', [...$good, 'd' => '4.7 V', 'e' => '4.72 V'])->isFaultOfDesign());
        self::assertFalse(self::over('rail:R1', [...$good, 'd' => '4.7 V', 'e' => '4.95 V'])->isFaultOfDesign());
        $six = [...$good, 'f' => '5 V', 'd' => '4.7 V', 'e' => '4.7 V'];
        self::assertFalse(self::over('rail:R1', $six)->isFaultOfDesign(), 'Two of six.');
    }
}
