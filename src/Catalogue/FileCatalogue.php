<?php

declare(strict_types=1);

namespace IronLatch\Catalogue;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;

/** The part files below catalogue/, or their compiled form; each part is read when it is first asked for. */
final class FileCatalogue implements Catalogue
{
    /** @var array<string, Part> */
    private array $read = [];

    /**
     * @param array<string, array<mixed>> $data part data by id
     */
    private function __construct(private readonly array $data) {}

    /** From the compiled file where there is one, otherwise from the part files. */
    public static function load(string $folder, ?string $compiled = null): self
    {
        if (null !== $compiled && is_file($compiled)) {
            $data = require $compiled;
            if (is_array($data)) {
                /** @var array<string, array<mixed>> $data */
                return new self($data);
            }
        }

        return new self(self::dataFrom($folder));
    }

    /**
     * @return array<string, array<mixed>> part data by id
     */
    public static function dataFrom(string $folder): array
    {
        $data = [];
        $files = glob($folder . '/*/*.json');
        foreach (false === $files ? [] : $files as $file) {
            $part = json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
            if (!is_array($part)) {
                throw new \RuntimeException($file . ' holds no part.');
            }
            $data[basename($file, '.json')] = $part;
        }

        return $data;
    }

    public function part(string $id): ?Part
    {
        if (!isset($this->data[$id])) {
            return null;
        }
        try {
            return $this->read[$id] ??= RecordReader::forFiles()->read(Part::class, $this->data[$id]);
        } catch (RecordFault $fault) {
            throw new \RuntimeException(sprintf('The part file “%s” cannot be read. %s', $id, $fault->getMessage()), previous: $fault);
        }
    }

    public function parts(string $class): array
    {
        $kinds = array_filter(RecordShape::variants(Part::class)->classes, static fn(string $kind): bool => is_a($kind, $class, true));
        $parts = [];
        foreach ($this->data as $id => $data) {
            $kind = $data['part'] ?? null;
            if (is_string($kind) && isset($kinds[$kind])) {
                $part = $this->part($id);
                if ($part instanceof $class) {
                    $parts[$id] = $part;
                }
            }
        }
        uasort($parts, static fn(Part $a, Part $b): int => strnatcasecmp($a->identity()->name, $b->identity()->name));

        return $parts;
    }
}
