<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordSchema;
use IronLatch\Core\Record\RecordWriter;

/**
 * One kind of file that holds one record: format and version first, then the record’s fields. It is read whole or refused whole.
 *
 * @template T of object
 */
final readonly class RecordFile
{
    public const VERSION = 1;
    private const GREATEST_DEPTH = 12;
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /**
     * @param class-string<T> $class
     * @param string $format as “iron-latch/log”
     * @param string $what in a refusal: “log”
     * @param string $title of its schema
     */
    public function __construct(
        private string $class,
        private string $format,
        private string $what,
        private string $title,
        private int $greatestBytes,
        private string $tooLarge,
    ) {}

    /**
     * @return array<string, mixed>
     */
    public function data(object $record): array
    {
        return ['format' => $this->format, 'version' => self::VERSION, ...RecordWriter::write($record)];
    }

    public function write(object $record): string
    {
        return json_encode($this->data($record), self::FLAGS) . "\n";
    }

    /**
     * @param ?\Closure(mixed): mixed $within the record’s own data, where the file may hold it within another
     * @return T
     * @throws BoardFileFault with a sentence that says what to do
     */
    public function read(string $json, ?\Closure $within = null): object
    {
        if (strlen($json) > $this->greatestBytes) {
            throw new BoardFileFault(
                sprintf('This %s has more than %d MB. %s', $this->what, $this->greatestBytes / 1048576, $this->tooLarge),
            );
        }
        if (!mb_check_encoding($json, 'UTF-8')) {
            throw new BoardFileFault(sprintf('This %s is not encoded as UTF-8. Save it as UTF-8 and open it again.', $this->what));
        }
        $data = $this->decode($json);
        $data = null === $within ? $data : $within($data);
        if (!is_array($data) || $this->format !== ($data['format'] ?? null)) {
            throw new BoardFileFault(sprintf('This is no %s: its key “format” must say “%s”.', $this->what, $this->format));
        }
        if (self::VERSION !== ($data['version'] ?? null)) {
            throw new BoardFileFault(
                sprintf('This %s is of another version; this Iron Latch reads version %d.', $this->what, self::VERSION),
            );
        }
        $twice = DuplicateKeys::find($json);
        if (null !== $twice) {
            throw new BoardFileFault(sprintf('At %s: this key is written twice. Remove one of the two.', $twice));
        }
        unset($data['format'], $data['version']);
        try {
            return RecordReader::forFiles()->read($this->class, $data);
        } catch (RecordFault $fault) {
            throw new BoardFileFault($fault->getMessage());
        }
    }

    private function decode(string $json): mixed
    {
        try {
            return json_decode($json, true, self::GREATEST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw new BoardFileFault(sprintf(
                'This %s is not complete JSON (%s). Look for a missing bracket or comma.',
                $this->what,
                lcfirst($fault->getMessage()),
            ));
        }
    }

    /**
     * The published schema.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $record = RecordSchema::describe($this->class);

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => sprintf('urn:%s:%d', strtr($this->format, '/', ':'), self::VERSION),
            'title' => $this->title,
            ...$record,
            'properties' => [
                'format' => ['const' => $this->format],
                'version' => ['const' => self::VERSION],
                ...is_array($record['properties'] ?? null) ? $record['properties'] : [],
            ],
            'required' => ['format', 'version', ...is_array($record['required'] ?? null) ? $record['required'] : []],
        ];
    }

    public function schemaText(): string
    {
        return json_encode($this->schema(), self::FLAGS) . "\n";
    }
}
