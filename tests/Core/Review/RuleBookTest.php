<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class RuleBookTest extends TestCase
{
    /**
     * No relay on offer bears 17 A, nor so big a saw or pump, nor 48 V of DC, nor 16 A for good: then nothing is proposed, and the
     * screen says so.
     */
    private const WITHOUT_REMEDY = [
        // A rail that is set high, or a hot box: what to do is said in the statement.
        ['drive.coil-voltage', '×0.998'],
        // Relays for more than 250 V are contactors, and none is in the catalogue.
        ['mains.idle-winding', '×0.699'],
        // What each way is called on a surface is a matter of the program so far.
        ['controls.other-way', ''],
        // On which day a price was looked at, only the maker knows.
        ['controls.tier', ''],
        // How another service wants to be asked stands in its profile.
        ['controls.request-open', ''],
        ['mains.contact-overloaded', '×0.92'], ['mains.contact-overloaded', '×0.966'],
        ['mains.contact-overloaded', '×0.96'], ['mains.contact-overloaded', '×0.625'], ['mains.contact-overloaded', '×0.727'], [
            'mains.contact-overloaded',
            '×0.765',
        ]];

    public function testTheSoundBoardIsSound(): void
    {
        $report = TestBoards::inspect(TestBoards::sound());
        self::assertSame([], array_map(static fn(Finding $finding): string => $finding->key(), $report->findings));
        // Nobody has said yet how it is built.
        self::assertSame(['board.no-place'], array_map(static fn(NotChecked $gap): string => $gap->rule->id, $report->notChecked));
    }

    #[DataProviderExternal(RuleFixtures::class, 'all')]
    public function testFindsThePlantedFault(string $rule, string $subject, Severity $kind, string $figure, Board $fault, Board $twin): void
    {
        $finding = TestBoards::inspect($fault)->finding($rule . ':' . $subject);
        self::assertNotNull($finding, 'Nothing was found.');
        self::assertSame([$kind, $figure, null], [$finding->severity, $finding->figure(), $finding->root], $finding->statement);
    }

    #[DataProviderExternal(RuleFixtures::class, 'all')]
    public function testStaysSilentOnTheTwin(string $rule, string $subject, Severity $kind, string $figure, Board $fault, Board $twin): void
    {
        $said = array_filter(TestBoards::inspect($twin)->findings, static fn(Finding $finding): bool => $finding->rule->id === $rule);
        self::assertSame([], array_map(static fn(Finding $finding): string => $finding->statement, array_values($said)));
    }

    /** Every remedy that is offered does away with its finding, or leaves a promise to verify, and brings no danger and nothing broken. */
    #[DataProviderExternal(RuleFixtures::class, 'all')]
    public function testItsRemediesRepairIt(string $rule, string $subject, Severity $kind, string $figure, Board $fault, Board $twin): void
    {
        $before = TestBoards::inspect($fault);
        $remedies = $before->finding($rule . ':' . $subject)?->remedies() ?? [];
        if ([] === $remedies) {
            self::assertContains([$rule, $figure], self::WITHOUT_REMEDY);

            return;
        }
        foreach ($remedies as $remedy) {
            $after = TestBoards::inspect($remedy->edit->apply($fault));
            self::assertNull($after->finding($rule . ':' . $subject), $remedy->title);
            if (Severity::Danger === $kind) {
                self::assertContains($remedy->nature(), [Nature::Choice, Nature::Promise], $remedy->title);
                self::assertSame(
                    Nature::Promise === $remedy->nature(),
                    [] !== $after->holdPointsMissingFrom($before) && Nature::Choice !== $remedy->nature(),
                    $remedy->title,
                );
            }
            $new = array_filter(
                $after->findingsMissingFrom($before),
                static fn(Finding $finding): bool => Severity::Danger === $finding->severity
                    || Severity::Broken === $finding->severity && null === $finding->root,
            );
            self::assertSame([], array_map(static fn(Finding $finding): string => $finding->statement, array_values($new)), $remedy->title);
        }
        // What is offered first brings nothing that keeps a latch open, unless it is a lesser evil than a danger.
        $after = TestBoards::inspect($remedies[0]->edit->apply($fault));
        $new = array_filter(
            $after->findingsMissingFrom($before),
            static fn(Finding $finding): bool => $finding->severity->opensLatch()
                && (Severity::Danger !== $kind || Severity::Weak !== $finding->severity),
        );
        self::assertSame(
            [],
            array_map(static fn(Finding $finding): string => $finding->statement, array_values($new)),
            $remedies[0]->title,
        );
    }

    /** No exception outlives its reason. */
    public function testWhatIsExcusedFromARemedyHasNone(): void
    {
        $without = [];
        foreach (RuleFixtures::all() as $fixture) {
            if ([] === (TestBoards::inspect($fixture['fault'])->finding($fixture['rule'] . ':' . $fixture['subject'])?->remedies() ?? [])) {
                $without[] = [$fixture['rule'], $fixture['figure']];
            }
        }
        self::assertSame(
            [],
            array_values(array_filter(self::WITHOUT_REMEDY, static fn(array $one): bool => !in_array($one, $without, true))),
        );
    }

    public function testEveryRuleHasAFixture(): void
    {
        $fixtures = array_unique(array_column(iterator_to_array(RuleFixtures::all()), 'rule'));
        $rules = array_map(static fn(Rule $rule): string => $rule->facts()->id, RuleBook::rules());
        sort($fixtures);
        sort($rules);
        self::assertSame($rules, $fixtures);
    }

    /** Whatever a rule finds about a relay is drawn at a joint of its line. */
    public function testEveryRuleAboutARelayNamesItsJoint(): void
    {
        $without = $named = [];
        foreach (RuleFixtures::all() as $fixture) {
            foreach (TestBoards::inspect($fixture['fault'])->findings as $finding) {
                if (1 === preg_match('/^A\d+$/', $finding->subject)) {
                    null === $finding->rule->joint ? $without[$finding->rule->id] = true : $named[$finding->rule->id] = true;
                }
            }
        }
        self::assertSame([], array_keys($without));
        self::assertGreaterThan(20, count($named));
    }

    /** A fixture shows each kind that a rule says it can make. */
    public function testEveryKindOfEveryRuleIsShown(): void
    {
        $shown = [];
        foreach (RuleFixtures::all() as $fixture) {
            $shown[$fixture['rule']][$fixture['kind']->value] = true;
        }
        foreach (RuleBook::rules() as $rule) {
            foreach ($rule->facts()->severities as $kind) {
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
            self::assertSame(
                array_map(static fn(Finding $f): string => $f->statement, $first->findings),
                array_map(static fn(Finding $f): string => $f->statement, $second->findings),
            );
        }
    }
}
