<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class RuleBookTest extends TestCase
{
    public function testTheSoundBoardIsSound(): void
    {
        $report = TestBoards::inspect(TestBoards::sound());
        self::assertSame([], array_map(static fn(Finding $finding): string => $finding->key(), $report->findings));
        self::assertSame([], $report->notChecked);
    }

    #[DataProviderExternal(RuleFixtures::class, 'all')]
    public function testFindsThePlantedFault(string $rule, string $subject, Kind $kind, string $figure, Board $fault, Board $twin): void
    {
        $finding = TestBoards::inspect($fault)->finding($rule . ':' . $subject);
        self::assertNotNull($finding, 'Nothing was found.');
        self::assertSame([$kind, $figure, null], [$finding->kind, $finding->figure(), $finding->root], $finding->statement);
    }

    #[DataProviderExternal(RuleFixtures::class, 'all')]
    public function testStaysSilentOnTheTwin(string $rule, string $subject, Kind $kind, string $figure, Board $fault, Board $twin): void
    {
        $said = array_filter(TestBoards::inspect($twin)->findings, static fn(Finding $finding): bool => $finding->rule->id === $rule);
        self::assertSame([], array_map(static fn(Finding $finding): string => $finding->statement, array_values($said)));
    }

    /** The first remedy of a finding must do away with it and bring nothing worse than a hint. */
    #[DataProviderExternal(RuleFixtures::class, 'all')]
    public function testItsRemedyRepairsIt(string $rule, string $subject, Kind $kind, string $figure, Board $fault, Board $twin): void
    {
        $before = TestBoards::inspect($fault);
        $remedies = $before->finding($rule . ':' . $subject)?->remedies() ?? [];
        if ([] === $remedies) {
            // No relay on offer bears 17 A, nor so big a saw or pump, nor 48 V of DC: then nothing is proposed, and the screen says so.
            self::assertContains([$rule, $figure], [['mains.contact-overloaded', '×0.92'], ['mains.contact-overloaded', '×0.966'], ['mains.contact-overloaded', '×0.96'], ['mains.contact-overloaded', '×0.625']]);

            return;
        }
        $after = TestBoards::inspect($remedies[0]->edit->apply($fault));
        self::assertNull($after->finding($rule . ':' . $subject), $remedies[0]->title);
        $new = array_filter($after->findings, static fn(Finding $finding): bool => $finding->kind->opensLatch() && null === $before->finding($finding->key()));
        self::assertSame([], array_map(static fn(Finding $finding): string => $finding->statement, array_values($new)), $remedies[0]->title);
    }

    public function testEveryRuleHasAFixture(): void
    {
        $fixtures = array_unique(array_column(iterator_to_array(RuleFixtures::all()), 'rule'));
        $rules = array_map(static fn(Rule $rule): string => $rule->facts()->id, RuleBook::rules());
        sort($fixtures);
        sort($rules);
        self::assertSame($rules, $fixtures);
    }

    /** A fixture shows each kind that a rule says it can make. */
    public function testEveryKindOfEveryRuleIsShown(): void
    {
        $shown = [];
        foreach (RuleFixtures::all() as $fixture) {
            $shown[$fixture['rule']][$fixture['kind']->value] = true;
        }
        foreach (RuleBook::rules() as $rule) {
            foreach ($rule->facts()->kinds as $kind) {
                self::assertTrue($shown[$rule->facts()->id][$kind->value] ?? false, $rule->facts()->id . ' ' . $kind->value);
            }
        }
    }

    public function testInspectingTwiceSaysTheSame(): void
    {
        $board = TestBoards::sound();
        $inspector = Inspector::withRuleBook();
        foreach (RuleFixtures::all() as $fixture) {
            $board = $fixture['fault'];
            $first = $inspector->inspect(new Inspection($board));
            $second = $inspector->inspect(new Inspection($board));
            self::assertSame(array_map(static fn(Finding $f): string => $f->statement, $first->findings), array_map(static fn(Finding $f): string => $f->statement, $second->findings));
        }
    }
}
