<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Bench\BenchScript;

/** A script of the bench as JSON: what is done in a run, and when. */
final class BenchScriptJson
{
    public const FORMAT = 'iron-latch/bench-script';
    public const VERSION = RecordFile::VERSION;
    public const GREATEST_BYTES = 4 * 1024 * 1024;

    /**
     * @return RecordFile<BenchScript>
     */
    private static function file(): RecordFile
    {
        return new RecordFile(
            BenchScript::class,
            self::FORMAT,
            'script of the bench',
            'Iron Latch script of the bench',
            self::GREATEST_BYTES,
            'Split it into several runs.',
        );
    }

    public static function write(BenchScript $script): string
    {
        return self::file()->write($script);
    }

    /**
     * @return array<string, mixed>
     */
    public static function data(BenchScript $script): array
    {
        return self::file()->data($script);
    }

    /**
     * Reads a script, or the script within a trace.
     *
     * @throws BoardFileFault with a sentence that says what to do
     */
    public static function read(string $json): BenchScript
    {
        return self::file()->read(
            $json,
            static fn(mixed $data): mixed => is_array($data) && TraceJson::FORMAT === ($data['format'] ?? null)
                ? $data['script'] ?? null
                : $data,
        );
    }

    /**
     * The published schema of scripts.
     *
     * @return array<string, mixed>
     */
    public static function schema(): array
    {
        return self::file()->schema();
    }

    public static function schemaText(): string
    {
        return self::file()->schemaText();
    }
}
