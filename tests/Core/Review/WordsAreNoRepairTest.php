<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\ValueKind;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;
use IronLatch\Demo\DemoBoards;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Nothing that is only said makes a danger go away: a promise leaves a point to verify, an intention leaves the danger. */
final class WordsAreNoRepairTest extends TestCase
{
    public function testNoPromiseAndNoIntentionClearsADanger(): void
    {
        $tried = 0;
        $cleared = [];
        foreach ($this->dangerous() as $name => $board) {
            $before = TestBoards::inspect($board);
            foreach (self::wordsFor($board) as $edit) {
                $nature = Nature::of($edit);
                try {
                    $after = TestBoards::inspect($edit->apply($board));
                } catch (EditRefused|\InvalidArgumentException) {
                    continue;
                }
                ++$tried;
                $gone = array_filter(
                    self::dangers($before),
                    static fn(Finding $finding): bool => Severity::Danger !== $after->finding($finding->key())?->severity
                        && !self::isAsked($after, $finding)
                        && !self::isAnotherDanger($before, $after, $finding),
                );
                // “Barred from groups” is an intention itself: the danger that rests on it goes when it is taken back.
                $gone = array_filter(
                    $gone,
                    static fn(Finding $finding): bool => 'mains.switched-on-in-group' !== $finding->rule->id
                        || $board->mustNotStart($finding->subject),
                );
                if ([] !== $gone && !(Nature::Promise === $nature && [] !== $after->holdPointsMissingFrom($before))) {
                    $cleared[] = $name . ': ' . $edit->summary($board) . ' clears ' . implode(
                        ', ',
                        array_map(static fn(Finding $finding): string => $finding->key(), $gone),
                    );
                }
            }
        }
        self::assertGreaterThan(500, $tried);
        self::assertSame([], $cleared);
    }

    /** 0.1 mm, six buttons and a probe: no click shuts Mains on it. */
    public function testOneClickShutsNoBoardWithButtonsAndAProbe(): void
    {
        $board = (new StateBox(clearanceMetres: 0.1e-3, creepageMetres: 0.1e-3))
            ->apply((new DemoBoards(TestBoards::catalogue()))->utilityRoom());
        self::assertSame(Severity::Danger, TestBoards::inspect($board)->finding('mains.barrier:creepage')?->severity);
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage(
            'cannot be treated as live while something of it leaves the cover: “Dehumidifier push button” (push button)',
        );
        (new StateBox(touchable: false))->apply($board);
    }

    public function testBasicDistancesAreWantedEvenBehindACover(): void
    {
        $board = TestBoards::edited(
            TestBoards::closed(),
            new StateBox(touchable: false, socketReachable: false, clearanceMetres: 0.1e-3, creepageMetres: 0.1e-3),
        );
        $report = TestBoards::inspect($board);
        self::assertSame(
            [Severity::Danger, Severity::Danger],
            [$report->finding('mains.barrier:clearance')?->severity, $report->finding('mains.barrier:creepage')?->severity],
        );
        self::assertNotSame(
            [],
            array_filter($report->holdPoints, static fn($point): bool => 'mains.treated-as-live:board' === $point->key()),
        );
    }

    public function testADistanceIsATargetUntilItIsMeasured(): void
    {
        $aimed = TestBoards::inspect(TestBoards::sound());
        $measured = TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new StateBox(measured: true)));
        self::assertSame(
            ['mains.barrier:clearance', 'mains.barrier:creepage'],
            array_map(static fn($point): string => $point->key(), $aimed->holdPointsMissingFrom($measured)),
        );
        self::assertSame([], $measured->holdPointsMissingFrom($aimed));
    }

    /**
     * @return iterable<string, Board>
     */
    private function dangerous(): iterable
    {
        foreach (RuleFixtures::all() as $name => $fixture) {
            if (Severity::Danger === $fixture['kind']) {
                yield $name => $fixture['fault'];
            }
        }
        foreach ((new DemoBoards(TestBoards::catalogue()))->all() as $name => $board) {
            yield $name => $board;
        }
    }

    /**
     * Every promise and every intention that an edit can say of a board, one word at a time.
     *
     * @return iterable<Edit>
     */
    private static function wordsFor(Board $board): iterable
    {
        foreach (RecordShape::variants(Edit::class)->classes as $word => $class) {
            $fields = RecordShape::of($class)->fields;
            $targets = self::targets($word, $board);
            foreach ($fields as $name => $field) {
                if (ValueKind::Boolean !== $field->value->kind) {
                    continue;
                }
                foreach ([true, false] as $value) {
                    foreach ($targets as $target) {
                        try {
                            $edit = RecordReader::forForms()->read(Edit::class, ['edit' => $word, ...$target, $name => $value ? '1' : '0']);
                        } catch (\IronLatch\Core\Record\RecordFault) {
                            continue 4;
                        }
                        if (in_array(Nature::of($edit), [Nature::Promise, Nature::Intention], true)) {
                            yield $edit;
                        }
                    }
                }
            }
        }
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function targets(string $word, Board $board): array
    {
        return match ($word) {
            'state-safety' => [['lines' => array_keys($board->lines)]],
            'state-on-purpose' => array_map(
                static fn(string $id): array => ['subject' => $id],
                [...array_keys($board->lines), ...array_keys($board->functions), ...array_keys($board->channels)],
            ),
            'declare-sharing', 'tolerate-console' => array_map(
                static fn(string $id): array => ['function' => $id],
                array_keys($board->functions),
            ),
            'state-box', 'state-usb-together' => [[]],
            default => [],
        };
    }

    /**
     * @return list<Finding>
     */
    private static function dangers(Report $report): array
    {
        return array_values(array_filter($report->findings, static fn(Finding $finding): bool => Severity::Danger === $finding->severity));
    }

    /** Whether the same line is in another danger now, which says the same in other words. */
    private static function isAnotherDanger(Report $before, Report $after, Finding $finding): bool
    {
        $new = array_filter(
            $after->findingsMissingFrom($before),
            static fn(Finding $one): bool => Severity::Danger === $one->severity && $one->subject === $finding->subject,
        );

        return [] !== $new;
    }

    /** Whether the rule asks for a fact instead: then nothing is shut either. */
    private static function isAsked(Report $report, Finding $finding): bool
    {
        foreach ($report->notChecked as $gap) {
            if ($gap->rule->id === $finding->rule->id) {
                return true;
            }
        }

        return false;
    }
}
