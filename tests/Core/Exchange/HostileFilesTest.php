<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\CheckReport;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Files in which something was put out of order: values out of range, of another type, missing, doubled, unknown. Each is refused in
 * words, or can be used in full: written, inspected, repaired and exported. The same seed always gives the same files.
 */
#[Group('properties')]
final class HostileFilesTest extends TestCase
{
    private const HASHED_AS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public function testEachIsRefusedInWordsOrFullyUsable(): void
    {
        $dice = new Randomizer(new Mt19937(20261128));
        $originals = self::originals();
        $refused = $used = 0;
        $faults = [];
        $files = Sample::size(300, 2000);
        for ($number = 0; $number < $files; ++$number) {
            $name = array_keys($originals)[$dice->getInt(0, count($originals) - 1)];
            [$data, $what] = self::spoilt($originals[$name], $dice);
            try {
                $board = BoardJson::read(json_encode(self::hashed($data), JSON_THROW_ON_ERROR));
            } catch (BoardFileFault $fault) {
                self::assertGreaterThan(20, strlen($fault->getMessage()));
                ++$refused;
                continue;
            } catch (\Throwable $fault) {
                $faults[$fault->getMessage()] = $name . ', reading: ' . $what;
                continue;
            }
            try {
                $this->use($board);
                ++$used;
            } catch (\Throwable $fault) {
                $faults[$fault->getMessage()] = $name . ': ' . $what;
            }
        }
        self::assertSame([], $faults);
        self::assertGreaterThan(0.1 * $files, min($refused, $used), 'Both happen.');
    }

    private function use(Board $board): void
    {
        $written = BoardJson::write($board);
        self::assertSame($written, BoardJson::write(BoardJson::read($written)));
        $inspection = new Inspection($board, TestBoards::catalogue());
        $report = Inspector::withRuleBook()->inspect($inspection);
        foreach (array_slice($report->findings, 0, 5) as $finding) {
            $finding->remedies();
        }
        CheckReport::text($board, $report);
        CheckReport::json($board, $report);
        PinListCsv::write($board, $report, '2026-11-28');
        ConstantsFile::header(Constants::of($inspection), []);
        foreach (SetUpSheet::all($inspection, $report) as $sheet) {
            $sheet->csv([]);
        }
    }

    /**
     * @return array<string, array<mixed>>
     */
    private static function originals(): array
    {
        $all = ['many ways' => json_decode(BoardJson::write(TestBoards::operatedInManyWays()), true)];
        foreach (['utility-room', 'aquarium', 'fermentation', 'first-try'] as $demo) {
            $all[$demo] = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/demo/' . $demo . '.json'), true);
        }

        return array_filter($all, is_array(...));
    }

    /**
     * @param array<mixed> $data
     * @return array{array<mixed>, string} with one or two things put out of order, and which
     */
    private static function spoilt(array $data, Randomizer $dice): array
    {
        $what = [];
        for ($times = 0; $times < (0 === $dice->getInt(0, 3) ? 2 : 1); ++$times) {
            $paths = self::paths($data, []);
            $path = $paths[$dice->getInt(0, count($paths) - 1)];
            [$data, $now] = self::changed($data, $path, $dice);
            $what[] = implode('.', $path) . ' = ' . $now;
        }

        return [$data, implode('; ', $what)];
    }

    /**
     * @param array<mixed> $data
     * @param list<string|int> $path
     * @return array{array<mixed>, string} and what stands there now
     */
    private static function changed(array $data, array $path, Randomizer $dice): array
    {
        $key = array_shift($path) ?? '';
        $value = $data[$key] ?? null;
        if ([] !== $path && is_array($value)) {
            [$data[$key], $now] = self::changed($value, $path, $dice);

            return [$data, $now];
        }
        $data[$key] = self::other($value, $dice);

        return [$data, mb_substr((string) json_encode($data[$key], JSON_UNESCAPED_UNICODE), 0, 60)];
    }

    private static function other(mixed $value, Randomizer $dice): mixed
    {
        $choices = match (true) {
            is_string($value) && 1 === preg_match(
                '/^-?[\d.]+ [pnmµkMG]?(V|A|Ω|W|F|H|m|mm²|s|Hz|°C|×|%|€|K\/W|Ah|Wh|h)$/u',
                $value,
                $match,
            ) => array_map(
                static fn(string $number): string => $number . ' ' . $match[1],
                ['0', '-1', '0.001', '1', '1000', '99999999999999999999', '0.00000000000000000001'],
            ),
            is_string($value) => ['', 'x', "two\nlines", str_repeat('ä', 1999), '”*/ ??/ \\', 'L1', 'GPIO1', 0, null, true, [],
                "\u{2028}"],
            is_int($value) => [0, -1, 1_000_000_000, 1, 2, PHP_INT_MAX, 1.5, '1'],
            is_bool($value) => [!$value, !$value, null, 0],
            is_array($value) && [] !== $value => [
                [],
                ['unknown' => true],
                null,
                array_slice($value, 1, null, true),
                array_is_list($value) ? [...$value, ...$value] : ['0' => reset($value), ...$value],
                'text',
            ],
            default => ['', 'x', 1, null],
        };

        return $choices[$dice->getInt(0, count($choices) - 1)];
    }

    /**
     * @param array<mixed> $data
     * @param list<string|int> $path
     * @return non-empty-list<list<string|int>>
     */
    private static function paths(array $data, array $path): array
    {
        $all = [[...$path, array_key_first($data) ?? 'name']];
        foreach ($data as $key => $value) {
            $all[] = [...$path, $key];
            if (is_array($value) && [] !== $value) {
                array_push($all, ...self::paths($value, [...$path, $key]));
            }
        }

        return $all;
    }

    /**
     * With the hashes of its parts as a careful forger would write them.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     */
    private static function hashed(array $data): array
    {
        $hashes = $data['partHashes'] ?? null;
        if (!is_array($hashes)) {
            return $data;
        }
        foreach (is_array($data['parts'] ?? null) ? $data['parts'] : [] as $id => $part) {
            try {
                $hashes[$id] = hash(
                    'sha256',
                    json_encode(
                        RecordWriter::writeVariant(Part::class, RecordReader::forFiles()->read(Part::class, $part)),
                        self::HASHED_AS,
                    ),
                );
            } catch (RecordFault) {
                // The file as a whole is refused for it.
            }
        }

        return [...$data, 'partHashes' => $hashes];
    }
}
