<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Bench;

use IronLatch\Core\Bench\Show\Demonstrations;
use IronLatch\Core\Bench\Show\Unshown;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Tests\Core\Review\RuleFixtures;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** Rules and simulation check each other: what a demonstration shows of a planted fault it does not show of the sound twin. */
final class DemonstrationsTest extends TestCase
{
    private const LEAST_RULES = 35;
    /** Twins that are sound by their rule and do the same, and why. */
    private const THE_SAME = [
        'panel in front of a module that only sends' => 'the twin has no serial link, which another rule says',
    ];

    public function testWhatIsShownOfAFaultIsNotShownOfItsTwin(): void
    {
        $shown = $wrong = [];
        $known = array_fill_keys(Demonstrations::rules(), true);
        foreach (RuleFixtures::all() as $name => $fixture) {
            ['rule' => $rule, 'subject' => $subject, 'fault' => $fault, 'twin' => $twin] = $fixture;
            if (!isset($known[$rule])) {
                continue;
            }
            [$fault, $twin] = [self::whole($rule, $fault), self::whole($rule, $twin)];
            if (!self::isSeen($fault, $fault, $rule, $subject)) {
                continue;
            }
            if (self::isSeen($fault, $twin, $rule, $subject)) {
                $wrong[] = $name;
            } else {
                $shown[$rule] = true;
            }
        }
        self::assertSame(array_keys(self::THE_SAME), $wrong);
        self::assertSame([], array_diff(Demonstrations::rules(), array_keys($shown)), 'A rule of which no planted fault is shown.');
        self::assertGreaterThanOrEqual(self::LEAST_RULES, count($shown));
    }

    public function testEachRuleIsShownByOneDemonstration(): void
    {
        $ids = array_map(static fn($rule): string => $rule->facts()->id, RuleBook::rules());
        $all = Demonstrations::rules();
        self::assertSame([], array_diff($all, $ids), 'A rule that is not in the book.');
        self::assertSame(array_unique($all), $all);
    }

    public function testEveryOtherRuleSaysWhyThereIsNothingToSee(): void
    {
        $shown = array_fill_keys(Demonstrations::rules(), true);
        $all = array_map(static fn($rule): string => $rule->facts()->id, RuleBook::rules());
        foreach ($all as $id) {
            $reasons = array_filter(Unshown::cases(), static fn(Unshown $one): bool => in_array($id, $one->rules(), true)
                || in_array(explode('.', $id)[0] . '.', $one->rules(), true));
            self::assertCount(isset($shown[$id]) ? 0 : 1, $reasons, $id);
            self::assertSame(array_values($reasons)[0] ?? null, Unshown::why($id));
        }
        foreach (Unshown::cases() as $one) {
            self::assertSame([], array_filter(
                $one->rules(),
                static fn(string $id): bool => !str_ends_with($id, '.') && !in_array($id, $all, true),
            ), 'A rule that is not in the book.');
        }
    }

    public function testFirstTryFailsByItsDemonstrations(): void
    {
        $inspection = new Inspection(BenchDesk::demo('first-try'));
        $seen = [];
        foreach (Inspector::withRuleBook()->inspect($inspection)->findings as $finding) {
            $situation = Demonstrations::of($inspection, $finding->rule->id, $finding->subject);
            if (null !== $situation && $situation->isSeenIn($situation->on($inspection))) {
                $seen[$finding->rule->id][] = $finding->subject;
            }
        }
        ksort($seen);
        self::assertSame([
            'controls.code-fault', 'controls.feedback-one-way', 'controls.over-capacity', 'drive.active-level', 'drive.coil-on-pin',
            'drive.does-not-pull-in', 'drive.module-ambiguous', 'mains.absent-hand', 'mains.neutral-switched',
            'mains.switched-on-in-group', 'pins.boot-twitch', 'pins.button-on-strap', 'pins.output-on-input-only',
            'pins.pull-up-missing', 'pins.strap-at-reset', 'pins.switch-holds-strap', 'power.rail-dips',
        ], array_keys($seen));
        self::assertSame(24, array_sum(array_map(count(...), $seen)));
    }

    public function testASoundBoardShowsNothing(): void
    {
        $shown = [];
        foreach (['utility-room', 'fermentation'] as $demo) {
            $inspection = new Inspection(BenchDesk::demo($demo));
            foreach (Inspector::withRuleBook()->inspect($inspection)->findings as $finding) {
                $shown[$finding->key()] = null !== Demonstrations::of($inspection, $finding->rule->id, $finding->subject);
            }
        }
        self::assertNotContains(true, $shown);
    }

    /** A planted fault may lack pins for what it does not plant; a bench wants all of them. */
    private static function whole(string $rule, Board $board): Board
    {
        $inspection = new Inspection($board);
        $lacks = [] !== array_diff_key($board->functions, $inspection->seating->pins);

        return $lacks && !str_starts_with($rule, 'pins.') ? $inspection->plan->edit()->apply($board) : $board;
    }

    private static function isSeen(Board $fault, Board $board, string $rule, string $subject): bool
    {
        $situation = Demonstrations::of(new Inspection($fault), $rule, $subject);
        if (null === $situation) {
            return false;
        }
        try {
            return $situation->isSeenIn($situation->on(new Inspection($board)));
        } catch (\InvalidArgumentException) {
            // What is acted on is gone on the twin.
            return false;
        }
    }
}
