<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\ForSeveral;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\TakeBack;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Record\Knowledge;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Record\ValueKind;
use IronLatch\Tests\Core\Review\RuleFixtures;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TakeBackTest extends TestCase
{
    private const SAMPLES = ['°C' => 45.0, 'm²' => 1.5e-6, 'm' => 0.05, 'V' => 5.0];

    /** Each place that stands on an edit is where it states its fact: said and taken back, the board is as it was. */
    public function testWhatIsSaidAndTakenBackLeavesTheBoardAsItWas(): void
    {
        $tried = 0;
        foreach (self::placed() as [$edit, $field]) {
            self::assertTrue($this->goesThereAndBack($edit, $field), $edit . ' ' . $field);
            ++$tried;
        }
        self::assertGreaterThan(60, $tried);
    }

    public function testWhatIsUsuallyAssumedIsAssumedAgain(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new StateLoad('L1', 40.0), new TakeBack(['L1.watts']));
        self::assertSame([Knowledge::Assumed, 18.0], [$board->lines['L1']->watts->knowledge, $board->lines['L1']->watts->value]);
        self::assertSame('typical for ' . $board->appliance($board->lines['L1'])->identity->name, $board->lines['L1']->watts->because);
    }

    public function testOfSeveralThoseAreTakenBackThatWereSaid(): void
    {
        $board = TestBoards::edited(TestBoards::withLines(2), new StateSafety(['L1'], restore: RestorePolicy::On));
        $after = TestBoards::edited($board, new TakeBack(['L1.safety.restore', 'L2.watts']));
        self::assertNull($after->lines['L1']->safety?->restore);
        self::assertEquals($board->lines['L2'], $after->lines['L2']);
    }

    /** What a hand could write into a form. */
    #[TestWith(['L1.safety.restore', 'Nothing was said'])]
    #[TestWith(['L1.safety', 'holds no fact “L1.safety”'])]
    #[TestWith(['L1.name', 'holds no fact'])]
    #[TestWith(['L9.watts', 'holds no fact'])]
    #[TestWith(['lines', 'holds no fact'])]
    #[TestWith(['lines.L1.watts.value', 'holds no fact'])]
    #[TestWith(['parts.led-lamp.typicalWatts', 'holds no fact'])]
    #[TestWith(['index.actuators', 'holds no fact'])]
    #[TestWith(['', 'holds no fact “”'])]
    public function testWhatIsNoFactIsRefused(string $fact, string $words): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new StateSafety(['L1'], earthJoined: true));
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage($words);
        (new TakeBack([$fact]))->apply($board);
    }

    /**
     * @return iterable<array{class-string<Edit>, string}>
     */
    private static function placed(): iterable
    {
        foreach (RecordShape::classes(Edit::class) as $edit) {
            foreach (array_keys(RecordShape::of($edit)->fields) as $field) {
                // Whether distances are measured is how they are known, and no fact beside them.
                if (null !== Place::of($edit, $field) && 'measured' !== $field) {
                    yield [$edit, $field];
                }
            }
        }
    }

    /**
     * @param class-string<Edit> $edit
     */
    private function goesThereAndBack(string $edit, string $field): bool
    {
        foreach (self::boards() as $board) {
            foreach (self::subjects($board, $edit) as $subjects) {
                $back = ForSeveral::takenBack($edit, $field, $subjects);
                $silent = self::isSaid($board, $back) ? $back->apply($board) : $board;
                $said = self::said($silent, $edit, $field, $subjects);
                if (null === $said) {
                    continue;
                }
                self::assertTrue(self::isSaid($said, $back), $edit . ' ' . $field . ' stands elsewhere than its place says.');
                self::assertSame(self::written($silent), self::written($back->apply($said)), $edit . ' ' . $field);

                return true;
            }
        }

        return false;
    }

    private static function isSaid(Board $board, TakeBack $back): bool
    {
        try {
            return $back->apply($board) !== $board;
        } catch (EditRefused) {
            return false;
        }
    }

    /**
     * @param class-string<Edit> $edit
     * @param list<string> $subjects
     */
    private static function said(Board $board, string $edit, string $field, array $subjects): ?Board
    {
        $shape = RecordShape::of($edit)->fields[$field]->value;
        $value = match ($shape->kind) {
            ValueKind::Boolean => true,
            ValueKind::Integer => 2,
            ValueKind::Quantity => self::SAMPLES[$shape->unit?->value] ?? 2.0,
            ValueKind::Choice => self::second($shape->class ?? ''),
            default => throw new \LogicException($edit . ' states no fact in ' . $field),
        };
        $make = static fn(array $of): Edit => new $edit(...$of, ...[$field => $value]);
        try {
            return ForSeveral::made($edit, $subjects, '', $make)->apply($board);
        } catch (EditRefused|\InvalidArgumentException) {
            return null;
        }
    }

    private static function second(string $class): \BackedEnum
    {
        return is_subclass_of($class, \BackedEnum::class) ? $class::cases()[1] : throw new \LogicException($class);
    }

    /**
     * @return iterable<Board>
     */
    private static function boards(): iterable
    {
        yield TestBoards::sound();
        yield TestBoards::operatedInManyWays();
        foreach (RuleFixtures::planted() as $planted) {
            yield $planted->twin;
            yield $planted->fault;
        }
    }

    /**
     * @param class-string<Edit> $edit
     * @return iterable<list<string>>
     */
    private static function subjects(Board $board, string $edit): iterable
    {
        if (null === ForSeveral::target($edit)) {
            return yield [];
        }
        $all = [
            ...$board->lines,
            ...$board->actuators(),
            ...$board->functions,
            ...$board->groups,
            ...$board->rails,
            ...$board->channels,
            ...$board->places,
            ...$board->houseCables,
        ];
        foreach (array_keys($all) as $id) {
            yield [$id];
        }
    }

    /** A record of nothing but silence is as none. */
    private static function written(Board $board): string
    {
        $whole = json_encode(RecordWriter::write($board), JSON_THROW_ON_ERROR);

        return (string) preg_replace('/,?"(safety|box|bank)":(\{\}|\[\])/', '', $whole);
    }
}
