<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\RecordFile;

/** The log of a board as JSON. */
final class LogJson
{
    public const FORMAT = 'iron-latch/log';
    public const GREATEST_BYTES = 8 * 1024 * 1024;

    /**
     * @return RecordFile<Log>
     */
    private static function file(): RecordFile
    {
        return new RecordFile(
            Log::class,
            self::FORMAT,
            'log',
            'Iron Latch log of a board',
            self::GREATEST_BYTES,
            'Take out what is not of this board.',
        );
    }

    public static function write(Log $log): string
    {
        return self::file()->write($log);
    }

    /** @throws BoardFileFault with a sentence that says what to do */
    public static function read(string $json): Log
    {
        return self::file()->read($json);
    }

    /**
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
