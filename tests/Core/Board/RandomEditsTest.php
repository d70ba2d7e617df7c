<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Exchange\BoardDiff;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Difference;
use IronLatch\Core\Exchange\Drift;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Record\ValueKind;
use IronLatch\Core\Record\ValueShape;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\LineStrips;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Edits at random, sensible and not, as a careless hand would make them: each is either made or refused in words, and
 * whatever board comes out can be inspected, drawn, listed, written and read back the same.
 */
#[Group('properties')]
final class RandomEditsTest extends TestCase
{
    private const STEPS = 220;
    /** Trying every remedy of every board would take minutes. */
    private const REMEDIES_EVERY = 12;
    private int $seed = 0;

    /**
     * @return iterable<string, array{int}>
     */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= Sample::size(2, 24); ++$seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testNoSequenceOfEditsBreaksABoard(int $seed): void
    {
        $this->seed = $seed;
        $board = TestBoards::sound();
        $made = $refused = 0;
        $words = array_keys(RecordShape::variants(Edit::class)->classes);
        for ($step = 0; $step < self::STEPS; ++$step) {
            $word = $words[$this->below(count($words))];
            // Removing comes up less often than it would by chance, or the board would stay empty.
            if ('sequence' === $word || (str_starts_with($word, 'remove-line') && 0 !== $this->below(4))) {
                continue;
            }
            $before = BoardJson::write($board);
            try {
                $edit = RecordReader::forForms()->read(Edit::class, $this->fields($word, $board));
                self::assertNotSame('', $edit->summary($board));
                $after = $edit->apply($board);
            } catch (EditRefused|\InvalidArgumentException|\IronLatch\Core\Record\RecordFault $fault) {
                self::assertMatchesRegularExpression('/[.…]$/u', $fault->getMessage(), $word . ' was refused without a sentence.');
                self::assertSame($before, BoardJson::write($board));
                ++$refused;
                continue;
            }
            self::assertSame($before, BoardJson::write($board), 'An edit alters no board.');
            $this->holds($after, $word, 0 === $made % self::REMEDIES_EVERY);
            self::assertSame([], BoardDiff::between($after, $after));
            $board = $after;
            ++$made;
        }
        self::assertGreaterThan(self::STEPS / 4, $made);
        self::assertGreaterThan(10, $refused);
    }

    private function holds(Board $board, string $word, bool $tryRemedies): void
    {
        $json = BoardJson::write($board);
        self::assertSame($json, BoardJson::write(BoardJson::read($json)), $word);
        $inspection = new Inspection($board, TestBoards::catalogue());
        $report = Inspector::withRuleBook()->inspect($inspection);
        foreach ($report->findings as $finding) {
            self::assertNotSame('', $finding->statement);
            foreach ($tryRemedies ? $finding->remedies() : [] as $remedy) {
                // A remedy that is offered can be made, and does away with its finding or changes its figure.
                $cured = Inspector::withRuleBook()->inspect(new Inspection($remedy->edit->apply($board), TestBoards::catalogue()))
                    ->finding($finding->key());
                self::assertTrue(
                    null === $cured || $cured->statement !== $finding->statement,
                    sprintf('After %s: “%s” does nothing for “%s”', $word, $remedy->title, $finding->statement),
                );
            }
        }
        self::assertCount(count($board->lines), (new LineStrips($inspection, $report))->tracks());
        self::assertStringEndsWith("\r\n", PinListCsv::write($board, $report, ''));
        $this->handsOver($inspection, $word);
    }

    /** Whatever a board is, its constants agree with it, and its sheets have no blank. */
    private function handsOver(Inspection $inspection, string $word): void
    {
        $header = ConstantsFile::header(Constants::of($inspection), []);
        self::assertSame(
            [],
            array_map(
                static fn(Difference $one): string => $one->name . ' ' . $one->here . ' / ' . $one->there,
                Drift::between($inspection, $header),
            ),
            $word,
        );
        foreach (SetUpSheet::all($inspection) as $sheet) {
            foreach ($sheet->rows as $row) {
                self::assertNotContains('', $row, $word . ' ' . $sheet->title . ' ' . implode('|', $row));
            }
        }
        foreach ($inspection->controls->entries as $entry) {
            self::assertTrue(isset($inspection->controls->columns[$entry->column]), $word);
        }
    }

    /**
     * @return array<string, mixed>
     */
    private function fields(string $word, Board $board): array
    {
        $data = ['edit' => $word];
        foreach (RecordShape::of(RecordShape::variants(Edit::class)->classes[$word])->fields as $name => $field) {
            if ($field->nullable && 0 === $this->below(3)) {
                $data[$name] = null;
            } else {
                $data[$name] = $this->value($name, $field->value, $board, $data);
            }
        }

        return $data;
    }

    /**
     * @param array<string, mixed> $data what has been chosen so far
     */
    private function value(string $name, ValueShape $shape, Board $board, array $data): mixed
    {
        $one = fn(array $choices): mixed => $choices[$this->below(count($choices))];
        if (ValueKind::Record === $shape->kind) {
            if (Chip::class === $shape->class && is_array($data['carrier'] ?? null) && is_string($data['carrier']['chip'] ?? null)) {
                return RecordWriter::write(TestBoards::part($data['carrier']['chip'], Chip::class));
            }
            foreach ([
                Appliance::class,
                Carrier::class,
                Converter::class,
                Device::class,
                Expander::class,
                MainsFuse::class,
                OptoModule::class,
                Protection::class,
                Relay::class,
                Supply::class,
                SurfaceProfile::class,
                Transistor::class,
            ] as $class) {
                if ($class === $shape->class) {
                    $part = $one(array_values(TestBoards::catalogue()->parts($class)));

                    return $part instanceof Part ? RecordWriter::write($part) : null;
                }
            }

            return FirmwareFacts::class === $shape->class ? [
                'boardPackage' => $one(['', 'core 1']),
                'consoleRate' => $one(['9600', '7']),
                'libraries' => [['name' => $one(['', 'timer']), 'version' => '1']],
            ] : RecordWriter::write($board->system());
        }

        return match ($shape->kind) {
            ValueKind::Quantity => $one([
                '470',
                '4k7',
                '47k',
                '10k',
                '1',
                '40',
                '0.8',
                '20',
                '60',
                '2500',
                '-5',
                '0.5',
                '0.25',
                'nonsense',
            ]),
            ValueKind::Boolean => $one(['1', '0']),
            ValueKind::Integer => $one(['1', '3', '32', '33', '0', '500']),
            ValueKind::Map => [
                $this->target('function', $board) => $this->target('pin', $board),
                $this->target('function', $board) => $this->target('pin', $board),
            ],
            ValueKind::Choice => is_subclass_of($shape->class ?? '', \BackedEnum::class)
                ? $one(array_column($shape->class::cases(), 'value'))
                : '',
            ValueKind::Listing => 'percent' === $name ? [20, 90] : (array_map(fn(): string => $this->target(match ($name) {
                'lines' => 'line',
                'functions', 'relays' => 'function',
                'channels' => 'channel',
                default => 'actuator',
            }, $board), [0, 1])),
            default => $this->target($name, $board),
        };
    }

    private function target(string $name, Board $board): string
    {
        $surfaces = array_merge([], ...array_map(static fn($line): array => array_keys($line->surfaces), array_values($board->lines)));
        $choices = match ($name) {
            'line' => [...array_keys($board->lines), 'L99'],
            'actuator' => [...array_keys($board->actuators()), 'A99'],
            'function', 'first', 'second' => [...array_keys($board->functions), 'F99'],
            'sharedFunction' => ['', '', ...array_keys($board->functions)],
            'surface' => [...$surfaces, 'S99'],
            'rail', 'from' => [...array_keys($board->rails), 'R99'],
            'group' => [...array_keys($board->groups), ...array_keys($board->lineGroups), 'G99'],
            'channel' => [...array_keys($board->channels), 'C99'],
            'code' => ['', '0BF430CF', '0xF30C2FD0', 'FFFFFFFF', 'A90', 'word'],
            'address' => ['', 'L1', 'home/lamp', 'x/#', '5', 'Lamp'],
            'expander' => [...array_keys($board->expanders), 'X99'],
            'pin' => [...array_keys($board->controller()->pins), '5', 'D2', 'TX', 'nowhere', ''],
            'device' => [...array_keys($board->devices), 'D99'],
            'scenario' => [...array_keys($board->scenarios), 'P99'],
            'protection' => [
                ...array_merge([], ...array_map(static fn($rail): array => $rail->protection, array_values($board->rails))),
                'fuse-1a',
            ],
            'label' => ['5V', 'VIN', 'VSYS', 'USB'],
            'rule' => ['pins.boot-twitch', 'mains.neutral-switched'],
            'subject' => ['A1', 'L1', 'C1', 'F3'],
            'kind' => [FunctionKind::Button->value, SurfaceKind::WallSwitch->value],
            default => ['Lamp', 'lamp', 'Hall “x” <b>', 'Größe', ' ', '=1+1', 'R. Alder'],
        };

        return $choices[$this->below(count($choices))];
    }

    private function below(int $limit): int
    {
        $this->seed = ($this->seed * 1103515245 + 12345) % 2147483648;

        return intdiv($this->seed, 65536) % max(1, $limit);
    }
}
