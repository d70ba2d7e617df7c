<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\ForSeveral;
use IronLatch\Core\Board\Edit\Lines\AddLines;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Record\ValueKind;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Mains\Recommended;
use IronLatch\Core\Review\OpenFact;
use IronLatch\Core\Review\OpenFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class OpenFactsTest extends TestCase
{
    /** A board on which nothing is switched draws nothing: neither fuse nor wire can be told from that. */
    public function testNothingIsRecommendedWhereNothingIsDrawn(): void
    {
        $airer = new AddLines(['Airer'], TestBoards::part('heated-airer', Appliance::class));
        $choices = 0;
        $asks = TestBoards::edited(TestBoards::bare(), $airer);
        foreach (OpenFacts::of(TestBoards::inspect($asks)) as $open) {
            if (null !== Recommended::of(new Inspection($asks), $open)) {
                ++$choices;
                self::assertNull(Recommended::of(new Inspection(TestBoards::bare()), $open), $open->key());
            }
        }
        self::assertSame(2, $choices);
    }

    /** Whatever is asked can be answered in that field, for all that it is asked of, and is not asked again. */
    public function testWhatIsAnsweredIsAskedNoMore(): void
    {
        $asked = [];
        foreach ($this->boards() as $name => $board) {
            foreach (OpenFacts::of(TestBoards::inspect($board)) as $open) {
                if ('' === $open->edit || ($asked[$open->key()] ?? 0) >= 8) {
                    continue;
                }
                $question = Question::of($open->edit, $open->field);
                self::assertNotNull($question, $open->key());
                self::assertNotSame('', trim($question->asks), $open->key());
                $answered = ForSeveral::made($open->edit, $open->subjects, '', static fn(array $of): Edit => RecordReader::forForms()
                    ->read(Edit::class, [
                        'edit' => array_search($open->edit, RecordShape::variants(Edit::class)->classes, true),
                        ...$of,
                        $open->field => self::answerTo($open),
                    ]))->apply($board);
                $left = array_map(static fn(OpenFact $one): string => $one->key(), OpenFacts::of(TestBoards::inspect($answered)));
                self::assertNotContains($open->key(), $left, $name);
                $asked[$open->key()] = 1 + ($asked[$open->key()] ?? 0);
            }
        }
        self::assertGreaterThan(40, count($asked));
    }

    public function testOneRowAsksOfAllLines(): void
    {
        $board = self::withNothingKnown(TestBoards::sound());
        $restore = array_values(array_filter(
            OpenFacts::of(TestBoards::inspect($board)),
            static fn(OpenFact $open): bool => 'conductor' === $open->field,
        ));
        self::assertCount(1, $restore);
        self::assertSame(array_keys($board->lines), $restore[0]->subjects);
        self::assertSame(Severity::Danger, $restore[0]->worst());
        self::assertContains('Neutral switched alone', $restore[0]->decides());
    }

    /** What could bring a danger to light stands before what could bring a hint. */
    public function testTheGravestComesFirst(): void
    {
        $ranks = array_map(
            static fn(OpenFact $open): int => $open->worst()->rank(),
            OpenFacts::of(TestBoards::inspect(self::withNothingKnown(TestBoards::sound()))),
        );
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertGreaterThan(1, count(array_unique($ranks)));
    }

    /**
     * @return iterable<string, Board> boards that leave much open: what is known of them struck out, once all of it and once by turns
     */
    private function boards(): iterable
    {
        foreach (['sound' => TestBoards::sound(), 'many ways' => TestBoards::operatedInManyWays()] as $name => $board) {
            yield $name => self::withNothingKnown($board);
        }
        foreach (RuleFixtures::all() as $name => $fixture) {
            yield $name => $fixture['fault'];
            if (0 === crc32($name) % 4) {
                yield $name . ', nothing known' => self::withNothingKnown($fixture['fault']);
            }
        }
    }

    private static function withNothingKnown(Board $board): Board
    {
        $data = json_decode(BoardJson::write($board), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($data);

        return BoardJson::readOwn(json_encode(self::struckOut($data), JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<mixed> $data
     * @return array<mixed>
     */
    private static function struckOut(array $data): array
    {
        foreach ($data as $key => $value) {
            if (is_array($value) && 'parts' !== $key) {
                $data[$key] = [] === array_intersect(['stated', 'assumed', 'target'], array_keys($value))
                    ? self::struckOut($value)
                    : ['unknown' => true];
            }
        }

        return $data;
    }

    private static function answerTo(OpenFact $open): mixed
    {
        self::assertNotSame('', $open->edit);
        $value = RecordShape::of($open->edit)->fields[$open->field]->value;
        $class = $value->class;

        if ('day' === $open->field) {
            return '2026-03-14';
        }
        if ('region' === $open->field) {
            return 'Europe';
        }

        return match ($value->kind) {
            ValueKind::Boolean => true,
            ValueKind::Integer => '1',
            ValueKind::Choice => null !== $class && is_subclass_of($class, \BackedEnum::class) ? $class::cases()[0]->value : null,
            ValueKind::Record, ValueKind::Variant => RecordWriter::write(match ($class) {
                Enclosure::class => TestBoards::part('sealed-240-190-90', Enclosure::class),
                Assembler::class => TestBoards::part('assembler-one-side', Assembler::class),
                default => TestBoards::part('fuse-ceramic-5', MainsFuse::class),
            }),
            default => QuantityPrinter::written(match ($value->unit) {
                Unit::SquareMetre => 1.5e-6,
                Unit::Ampere => 6.0,
                Unit::Metre => 5e-3,
                default => 1.0,
            }, $value->unit ?? Unit::Ratio),
        };
    }
}
