<?php

declare(strict_types=1);

namespace IronLatch\Storage;

/**
 * How documents and edits stand in the store: JSON, deflated with a dictionary of what boards usually say, the facts of each part
 * taken out and kept once for all revisions. A first byte names the way it was packed, so that another way can come beside this
 * one; the dictionary of a way is never altered, or what was packed with it cannot be read again.
 */
final class Packing
{
    private const FLAGS = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
    private const DEFLATED = '1';
    private const DICTIONARY = __DIR__ . '/dictionary-1.json.txt';
    /** Of the dictionary, so that nobody alters it unseen. */
    public const DICTIONARY_SHA256 = 'b1ae3dae19088bb4c5deb4aec7808eb61ff0ac7321ebbadebe2dc1e688424434';
    private const PRETTY = JSON_PRETTY_PRINT | self::FLAGS;
    private const LEVEL = 9;
    /** Where a part was taken out; no record has a key of this name. */
    private const REFERENCE = '@part';
    private const DEPTH = 48;

    /**
     * @return array{string, array<string, string>} what stands for a JSON text, and the parts that were taken out, as JSON, by what names
     *     them
     */
    public static function pack(string $json): array
    {
        $parts = [];
        $data = json_decode($json, flags: JSON_THROW_ON_ERROR);
        $own = $data instanceof \stdClass && ($data->parts ?? null) instanceof \stdClass ? $data->parts : new \stdClass();
        $hashes = self::hashes($own);
        // The hashes of a board's parts follow from the parts.
        if ($data instanceof \stdClass && [] !== $hashes && (array) ($data->partHashes ?? null) === $hashes) {
            unset($data->partHashes);
        }
        foreach ($hashes as $id => $hash) {
            $parts[self::key($hash)] = json_encode($own->{$id}, self::FLAGS);
            $own->{$id} = (object) [self::REFERENCE => self::key($hash)];
        }
        $data = self::without($data, $parts);

        return [self::deflated(json_encode($data, self::FLAGS)), $parts];
    }

    /** What is kept of a part that was taken out. */
    public static function part(string $json): string
    {
        return self::deflated($json);
    }

    /**
     * The hashes of the parts that stand in something packed.
     *
     * @return list<string>
     */
    public static function partsOf(string $packed): array
    {
        $hashes = [];
        self::with(self::inflated($packed), static function (string $hash) use (&$hashes): null {
            $hashes[] = $hash;

            return null;
        });

        return $hashes;
    }

    /**
     * The JSON text that was packed, without its blanks.
     *
     * @param \Closure(string): string $part what was kept of a part, by its hash
     */
    public static function unpack(string $packed, \Closure $part): string
    {
        $data = self::with(self::inflated($packed), static fn(string $hash): mixed => self::inflated($part($hash)));
        if ($data instanceof \stdClass && ($data->parts ?? null) instanceof \stdClass && !isset($data->partHashes)) {
            $data->partHashes = (object) self::hashes($data->parts);
        }

        return json_encode($data, self::FLAGS);
    }

    /**
     * @return array<string, string> as a board file states them, by part
     */
    private static function hashes(\stdClass $parts): array
    {
        $hashes = [];
        foreach (get_object_vars($parts) as $id => $part) {
            $hashes[(string) $id] = self::hash($part);
        }

        return $hashes;
    }

    /**
     * @param array<string, string> $parts
     */
    private static function without(mixed $data, array &$parts): mixed
    {
        if (!is_array($data) && !$data instanceof \stdClass) {
            return $data;
        }
        if ($data instanceof \stdClass && ($data->identity ?? null) instanceof \stdClass) {
            $key = self::key(self::hash($data));
            $parts[$key] ??= json_encode($data, self::FLAGS);

            return (object) [self::REFERENCE => $key];
        }
        // An empty object stays one: a list and a map are written differently.
        $packed = array_map(static function (mixed $value) use (&$parts): mixed {
            return self::without($value, $parts);
        }, (array) $data);

        return is_array($data) ? $packed : (object) $packed;
    }

    /**
     * @param \Closure(string): mixed $part
     */
    private static function with(mixed $data, \Closure $part): mixed
    {
        if (!is_array($data) && !$data instanceof \stdClass) {
            return $data;
        }
        $hash = $data instanceof \stdClass ? $data->{self::REFERENCE} ?? null : null;
        if (is_string($hash)) {
            return $part($hash);
        }
        $whole = array_map(static fn(mixed $value): mixed => self::with($value, $part), (array) $data);

        return is_array($data) ? $whole : (object) $whole;
    }

    /** As a board file states it for a part. */
    private static function hash(mixed $part): string
    {
        return hash('sha256', json_encode($part, self::PRETTY));
    }

    /** 128 bits of a hash, as text: what a revision names a part by. */
    private static function key(string $hash): string
    {
        return strtr(rtrim(base64_encode((string) hex2bin(substr($hash, 0, 32))), '='), '+/', '-_');
    }

    private static function deflated(string $json): string
    {
        $deflate = deflate_init(ZLIB_ENCODING_RAW, ['level' => self::LEVEL, 'dictionary' => self::dictionary()]);

        return self::DEFLATED . (false === $deflate ? '' : deflate_add($deflate, $json, ZLIB_FINISH));
    }

    private static function inflated(string $packed): mixed
    {
        $inflate = inflate_init(ZLIB_ENCODING_RAW, ['dictionary' => self::dictionary()]);
        $json = false === $inflate || !str_starts_with($packed, self::DEFLATED)
            ? false
            : @inflate_add($inflate, substr($packed, 1), ZLIB_FINISH);
        $data = is_string($json) ? json_decode($json, depth: self::DEPTH) : null;

        return is_array($data) || $data instanceof \stdClass
            ? $data
            : throw new DamagedStore('A revision in the store is damaged. Restore a backup with bin/restore.');
    }

    private static function dictionary(): string
    {
        /** @var ?string $dictionary */
        static $dictionary = null;

        return $dictionary ??= (string) file_get_contents(self::DICTIONARY);
    }
}
