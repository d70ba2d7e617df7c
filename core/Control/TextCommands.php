<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Operation;

/** Texts of a serial radio, and what phones and fingers make of them. */
final class TextCommands
{
    /**
     * Every text that the program listens to on a channel.
     *
     * @return array<string, string> what it is for, by text
     */
    public static function on(ControlMap $map, string $channel): array
    {
        $texts = [];
        foreach ($map->on($channel) as $entry) {
            foreach ([
                $entry->on,
                $entry->off,
                Operation::Toggle === $entry->operation ? $entry->toggle : '',
                $entry->operation->isGraded() ? $entry->setting(5) : '',
                $entry->operation->isGraded() ? $entry->setting(50) : '',
                $entry->state,
            ] as $text) {
                if ('' !== $text) {
                    $texts[$text] ??= $entry->surface;
                }
            }
        }
        foreach ($map->groups as $group) {
            foreach ($group->column === $channel ? [$group->on, $group->off] : [] as $text) {
                if ('' !== $text) {
                    $texts[$text] ??= $group->group;
                }
            }
        }

        return $texts;
    }

    /**
     * The first text that is over before another which begins like it.
     *
     * @param list<string> $texts
     * @return ?array{string, string} the short and the long one
     */
    public static function prefix(array $texts): ?array
    {
        sort($texts, SORT_STRING);
        foreach ($texts as $place => $short) {
            $long = $texts[$place + 1] ?? '';
            if ('' !== $short && $long !== $short && str_starts_with($long, $short)) {
                return [$short, $long];
            }
        }

        return null;
    }

    /** What a phone’s keyboard makes of a text: a capital first, small letters behind it. */
    public static function asTyped(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)) . mb_strtolower(mb_substr($text, 1));
    }

    /** Whether a keyboard that completes words puts a blank behind it. */
    public static function endsInAWord(string $text): bool
    {
        return 1 === preg_match('/\p{L}{2}$/u', $text);
    }
}
