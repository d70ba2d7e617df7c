<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordSchema;
use IronLatch\Core\Record\RecordWriter;

/** A script of the bench as JSON: what is done in a run, and when. */
final class BenchScriptJson
{
    public const FORMAT = 'iron-latch/bench-script';
    public const VERSION = 1;
    public const GREATEST_BYTES = 4 * 1024 * 1024;
    private const GREATEST_DEPTH = 12;
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public static function write(BenchScript $script): string
    {
        return json_encode(self::data($script), self::FLAGS) . "\n";
    }

    /**
     * @return array<string, mixed>
     */
    public static function data(BenchScript $script): array
    {
        return ['format' => self::FORMAT, 'version' => self::VERSION, ...RecordWriter::write($script)];
    }

    /**
     * Reads a script, or the script within a trace.
     *
     * @throws BoardFileFault with a sentence that says what to do
     */
    public static function read(string $json): BenchScript
    {
        if (strlen($json) > self::GREATEST_BYTES) {
            throw new BoardFileFault(sprintf(
                'This script has more than %d MB. Split it into several runs.',
                self::GREATEST_BYTES / 1048576,
            ));
        }
        if (!mb_check_encoding($json, 'UTF-8')) {
            throw new BoardFileFault('This script is not encoded as UTF-8. Save it as UTF-8 and open it again.');
        }
        $data = self::decode($json);
        if (!is_array($data) || self::FORMAT !== ($data['format'] ?? null)) {
            throw new BoardFileFault(sprintf('This is no script of the bench: its key “format” must say “%s”.', self::FORMAT));
        }
        if (self::VERSION !== ($data['version'] ?? null)) {
            throw new BoardFileFault(sprintf('This script is of another version; this Iron Latch reads version %d.', self::VERSION));
        }
        $twice = DuplicateKeys::find($json);
        if (null !== $twice) {
            throw new BoardFileFault(sprintf('At %s: this key is written twice. Remove one of the two.', $twice));
        }
        unset($data['format'], $data['version']);
        try {
            return RecordReader::forFiles()->read(BenchScript::class, $data);
        } catch (RecordFault $fault) {
            throw new BoardFileFault($fault->getMessage());
        }
    }

    /** The script itself, or the one within a trace. */
    private static function decode(string $json): mixed
    {
        try {
            $data = json_decode($json, true, self::GREATEST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw new BoardFileFault(
                sprintf('This script is not complete JSON (%s). Look for a missing bracket or comma.', lcfirst($fault->getMessage())),
            );
        }

        return is_array($data) && TraceJson::FORMAT === ($data['format'] ?? null) ? $data['script'] ?? null : $data;
    }

    /**
     * The published schema of scripts.
     *
     * @return array<string, mixed>
     */
    public static function schema(): array
    {
        $script = RecordSchema::describe(BenchScript::class);

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'urn:iron-latch:bench-script:' . self::VERSION,
            'title' => 'Iron Latch script of the bench',
            ...$script,
            'properties' => [
                'format' => ['const' => self::FORMAT],
                'version' => ['const' => self::VERSION],
                ...is_array($script['properties'] ?? null) ? $script['properties'] : [],
            ],
            'required' => ['format', 'version', ...is_array($script['required'] ?? null) ? $script['required'] : []],
        ];
    }

    public static function schemaText(): string
    {
        return json_encode(self::schema(), self::FLAGS) . "\n";
    }
}
