<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\PartsInUse;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordSchema;
use IronLatch\Core\Record\RecordWriter;

/**
 * A board as one JSON document, and back. The only reader and writer of board files.
 *
 * A file is taken whole or refused whole.
 */
final class BoardJson
{
    public const FORMAT = 'iron-latch/board';
    public const VERSION = 9;
    /** A board of 16 lines with all its parts takes about 60 kB. */
    public const GREATEST_BYTES = 2 * 1024 * 1024;
    private const GREATEST_DEPTH = 24;
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    public static function write(Board $board): string
    {
        $board = $board->with(parts: PartsInUse::of($board));

        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            ...RecordWriter::write($board),
            'partHashes' => array_map(self::hash(...), $board->parts),
        ], self::FLAGS) . "\n";
    }

    /** A board file without its blanks as it is written to a file. */
    public static function indented(string $json): string
    {
        return json_encode(json_decode($json, flags: JSON_THROW_ON_ERROR), self::FLAGS) . "\n";
    }

    /**
     * Reads a board file from anywhere.
     *
     * @throws BoardFileFault
     */
    public static function read(string $json): Board
    {
        if (strlen($json) > self::GREATEST_BYTES) {
            throw new BoardFileFault(sprintf(
                'This file has %.1f MB; a board file has at most %d MB. Choose a board file that Iron Latch has written.',
                strlen($json) / 1048576,
                self::GREATEST_BYTES / 1048576,
            ));
        }
        if (str_starts_with($json, "\xEF\xBB\xBF")) {
            $json = substr($json, 3);
        }
        if ('' === trim($json)) {
            throw new BoardFileFault('This file is empty. Choose a board file that Iron Latch has written.');
        }
        if (!mb_check_encoding($json, 'UTF-8')) {
            throw new BoardFileFault('This file is not encoded as UTF-8. Save it as UTF-8 and open it again.');
        }
        $data = self::decode($json);
        $twice = DuplicateKeys::find($json);
        if (null !== $twice) {
            throw new BoardFileFault(sprintf('At %s: this key is written twice. Remove one of the two.', $twice));
        }

        return self::fromData($data, RecordReader::forFiles(), verifyHashes: true);
    }

    /**
     * Reads what stands in our own store.
     *
     * @throws BoardFileFault
     */
    public static function readOwn(string $json): Board
    {
        return self::fromData(self::decode($json), RecordReader::forStore(), verifyHashes: false);
    }

    /**
     * What write() has just written, read as strictly as a file from anywhere: what cannot be read so is not to be kept.
     *
     * @throws BoardFileFault
     */
    public static function readBack(string $json): Board
    {
        if (strlen($json) > self::GREATEST_BYTES) {
            throw new BoardFileFault(sprintf('The board would have more than %d MB.', self::GREATEST_BYTES / 1048576));
        }

        return self::fromData(self::decode($json), RecordReader::forFiles(), verifyHashes: true);
    }

    /**
     * The published schema of board files.
     *
     * @return array<string, mixed>
     */
    public static function schema(): array
    {
        $board = RecordSchema::describe(Board::class);
        $properties = is_array($board['properties']) ? $board['properties'] : [];
        $required = is_array($board['required']) ? $board['required'] : [];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'urn:iron-latch:board:' . self::VERSION,
            'title' => 'Iron Latch board',
            ...$board,
            'properties' => [
                'format' => ['const' => self::FORMAT],
                'version' => ['const' => self::VERSION],
                ...$properties,
                'partHashes' => [
                    'type' => 'object',
                    'patternProperties' => ['^[a-z0-9][a-z0-9-]{0,59}$' => ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$']],
                    'additionalProperties' => false,
                ],
            ],
            'required' => ['format', 'version', ...$required, 'partHashes'],
        ];
    }

    public static function schemaText(): string
    {
        return json_encode(self::schema(), self::FLAGS) . "\n";
    }

    private static function decode(string $json): mixed
    {
        try {
            return json_decode($json, true, self::GREATEST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw new BoardFileFault(match ($fault->getCode()) {
                JSON_ERROR_DEPTH => sprintf(
                    'This file is nested deeper than %d levels, which no board file is. Choose a board file that Iron Latch has written.',
                    self::GREATEST_DEPTH,
                ),
                default => sprintf(
                    'This file is not complete JSON (%s). It may have been cut off: fetch it again.',
                    lcfirst($fault->getMessage()),
                ),
            });
        }
    }

    private static function fromData(mixed $data, RecordReader $reader, bool $verifyHashes): Board
    {
        if (!is_array($data) || self::FORMAT !== ($data['format'] ?? null)) {
            throw new BoardFileFault(sprintf('This is no board file: its key “format” must say “%s”.', self::FORMAT));
        }
        $version = $data['version'] ?? null;
        if (!is_int($version) || $version < 1 || $version > self::VERSION) {
            throw new BoardFileFault(sprintf(
                'This file is of version %s; this Iron Latch reads versions 1 to %d. Open it with the Iron Latch that wrote it, or a '
                    . 'newer one.',
                is_int($version) ? (string) $version : 'unknown',
                self::VERSION,
            ));
        }
        $hashes = $data['partHashes'] ?? null;
        unset($data['format'], $data['version'], $data['partHashes']);
        try {
            $board = $reader->read(Board::class, BoardMigrations::upTo(self::VERSION, $version, $data));
        } catch (RecordFault $fault) {
            throw new BoardFileFault($fault->getMessage());
        }
        if ($verifyHashes) {
            self::verify($board, $hashes);
        }

        return $board;
    }

    private static function verify(Board $board, mixed $hashes): void
    {
        if (!is_array($hashes)) {
            throw new BoardFileFault('At the top: the key “partHashes” is missing.');
        }
        foreach (array_keys($hashes) as $id) {
            if (!isset($board->parts[$id])) {
                throw new BoardFileFault(sprintf('At partHashes.%s: the board has no such part.', $id));
            }
        }
        foreach ($board->parts as $id => $part) {
            if (($hashes[$id] ?? null) !== self::hash($part)) {
                throw new BoardFileFault(sprintf(
                    'At parts.%s: the facts of this part are not those that were taken from the catalogue. Restore them, or give the '
                        . 'changed part an id of its own in the catalogue.',
                    $id,
                ));
            }
        }
    }

    private static function hash(Part $part): string
    {
        return hash('sha256', json_encode(RecordWriter::writeVariant(Part::class, $part), self::FLAGS));
    }
}
