<?php

declare(strict_types=1);

namespace IronLatch\Storage;

/**
 * How documents and edits stand in the store: JSON, deflated, with the facts of each part taken out and kept once for all
 * revisions. A first byte names the way it was packed, so that another way can come beside this one.
 */
final class Packing
{
    private const FLAGS = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
    private const DEFLATED = '1';
    private const LEVEL = 9;
    /** Where a part was taken out; no record has a key of this name. */
    private const REFERENCE = '@part';
    private const DEPTH = 48;

    /**
     * @return array{string, array<string, string>} what stands for a JSON text, and the parts that were taken out, packed, by hash
     */
    public static function pack(string $json): array
    {
        $parts = [];
        $data = self::without(json_decode($json, flags: JSON_THROW_ON_ERROR), $parts);

        return [self::deflated($data), $parts];
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
        return json_encode(self::with(self::inflated($packed), static fn(string $hash): mixed => self::inflated($part($hash))), self::FLAGS);
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
            $hash = hash('sha256', json_encode($data, self::FLAGS));
            $parts[$hash] ??= self::deflated($data);

            return (object) [self::REFERENCE => $hash];
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

    private static function deflated(mixed $data): string
    {
        return self::DEFLATED . gzdeflate(json_encode($data, self::FLAGS), self::LEVEL);
    }

    private static function inflated(string $packed): mixed
    {
        $json = str_starts_with($packed, self::DEFLATED) ? @gzinflate(substr($packed, 1)) : false;
        $data = is_string($json) ? json_decode($json, depth: self::DEPTH) : null;

        return is_array($data) || $data instanceof \stdClass ? $data : throw new DamagedStore('A revision in the store is damaged. Restore a backup with bin/restore.');
    }
}
