<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Announcement;

/** What a board publishes of one line so that others find it by themselves. */
final readonly class Announced
{
    /** Words that the template of an announcement may hold. */
    public const WORDS = [
        '{root}', '{line}', '{n}', '{name}', '{kind}', '{room}', '{board}', '{set}', '{state}', '{on}', '{off}', '{availability}',
        '{here}', '{gone}',
    ];

    private const IN_JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE;

    private function __construct(public string $line, public string $topic, public string $payload) {}

    /** The maker’s own form, else the profile’s; null where nothing is announced. */
    public static function form(Hop $hop): ?Announcement
    {
        return $hop->channel->announcement ?? $hop->profile->announcement;
    }

    /** Where the board says on this channel that it is there. */
    public static function availability(Board $board, Hop $hop): string
    {
        return strtr(self::form($hop)->availability ?? '', ['{root}' => ControlMap::root($board, $hop->channel)]);
    }

    /**
     * @return list<self> one for each line on the channel
     */
    public static function on(Board $board, ControlMap $map, string $channel): array
    {
        $hop = $map->routes[$channel]->hops[0];
        $form = self::form($hop);
        if (null === $form) {
            return [];
        }
        $all = [];
        foreach ($map->on($channel) as $entry) {
            $words = self::words($board, $hop, $form, $entry);
            $inJson = array_map(
                static fn(string $word): string => substr((string) json_encode($word, self::IN_JSON), 1, -1),
                $words,
            );
            $all[] = new self($entry->line, strtr($form->topic, $words), strtr($form->payload, $inJson));
        }

        return $all;
    }

    /**
     * @return array<string, string>
     */
    private static function words(Board $board, Hop $hop, Announcement $form, Entry $entry): array
    {
        $kind = ShownKinds::at($hop->profile, ShownKinds::of($board, $entry->line));

        return [
            '{root}' => ControlMap::root($board, $hop->channel),
            '{line}' => ControlMap::middle($hop->profile, $entry->address, $board, $hop->channel),
            '{n}' => substr($entry->line, 1),
            '{name}' => $board->lines[$entry->line]->name,
            '{kind}' => $kind->value ?? '',
            '{room}' => ShownKinds::room($board, $entry->line),
            '{board}' => $board->name,
            '{set}' => $entry->address,
            '{state}' => $entry->state,
            '{on}' => $entry->toldOn,
            '{off}' => $entry->off,
            '{availability}' => self::availability($board, $hop),
            '{here}' => $form->here,
            '{gone}' => $form->gone,
        ];
    }
}
