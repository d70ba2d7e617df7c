<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Control\ReceivedKey;

/** The keys of a receiver’s log that nobody answers yet, given one after the other to the lines that have no key yet. */
final class KeysInOrder
{
    /**
     * @param list<ReceivedKey> $received
     * @throws EditRefused when no key or no line is left
     */
    public static function edit(ControlMap $map, array $received): Sequence
    {
        $known = [];
        foreach ($map->entries as $entry) {
            foreach (array_filter([$entry->code, $entry->offCode]) as $code) {
                $known[PulseDistance::key($code)] = true;
            }
        }
        foreach ($map->keys as $entry) {
            if (null !== $entry->key->code) {
                $known[PulseDistance::key($entry->key->code)] = true;
            }
        }
        $keys = array_filter($received, static fn(ReceivedKey $key): bool => !isset($known[PulseDistance::key($key->code)]));
        $free = array_filter(
            $map->entries,
            static fn(Entry $entry): bool => SurfaceKind::InfraredKey === $entry->kind && null === $entry->code,
        );
        $count = min(count($keys), count($free));
        if (0 === $count) {
            throw new EditRefused('Every line has a key already, or every key of the log a line.');
        }
        $edits = array_map(
            static fn(ReceivedKey $key, Entry $entry): Edit => new AssignCode(
                $entry->surface,
                $key->code->printed(),
                $key->code->encoding,
                $key->code->bits,
            ),
            array_slice(array_values($keys), 0, $count),
            array_slice(array_values($free), 0, $count),
        );

        return new Sequence(1 === $count ? 'Assign a key' : sprintf('Assign %d keys in their order', $count), $edits);
    }
}
