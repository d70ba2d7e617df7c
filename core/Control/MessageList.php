<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Operation;

/** Every topic, text, request and state by which a board is spoken to, and speaks. */
final class MessageList
{
    private const SET_EXAMPLE = 40;

    /**
     * @return list<MessageRow> by channel, then by line; phrases and rules never reach the board and are left out
     */
    public static function of(Board $board, ControlMap $map): array
    {
        $rows = [];
        foreach ($map->routes as $id => $route) {
            $hop = $route->hops[0];
            if (in_array($hop->profile->addressing, [Addressing::Name, Addressing::Rule, Addressing::Tile], true)) {
                continue;
            }
            foreach ($map->on($id) as $entry) {
                array_push($rows, ...self::ofEntry($board, $hop, $entry));
            }
            foreach ($map->groups as $group) {
                if ($group->column === $id) {
                    array_push($rows, ...self::ofGroup($board, $hop, $group));
                }
            }
            array_push($rows, ...self::ofBoard($board, $map, $hop));
        }

        return $rows;
    }

    /** Whether anything is kept for whoever comes later: a broker keeps what it is told to. */
    private static function keeps(Hop $hop): bool
    {
        return Addressing::Topic === $hop->profile->addressing;
    }

    /**
     * @return list<MessageRow>
     */
    private static function ofEntry(Board $board, Hop $hop, Entry $entry): array
    {
        $name = $board->lines[$entry->line]->name;
        // A command that is kept would be carried out again at each reconnection.
        $kept = self::keeps($hop) ? false : null;
        $kind = Addressing::Path === $hop->profile->addressing ? 'request' : 'command';
        $rows = [];
        foreach (array_unique(self::said([
            $entry->on,
            $entry->off,
            Operation::Toggle === $entry->operation ? $entry->toggle : '',
            $entry->operation->isGraded() ? $entry->setting(self::SET_EXAMPLE) : '',
        ])) as $said) {
            $message = Message::of($hop->profile, $hop->channel->name, $entry->address, $said);
            $rows[] = new MessageRow(
                $hop->channel->name,
                $name,
                $kind,
                true,
                $message->to,
                implode('; ', self::said([$message->says, ...$message->headers])),
                $kept,
            );
        }
        $told = $entry->operation->isGraded() ? [(string) self::SET_EXAMPLE] : [$entry->toldOn, $entry->off];
        foreach ('' === $entry->state ? [] : self::said($told) as $says) {
            $rows[] = new MessageRow(
                $hop->channel->name,
                $name,
                'state',
                false,
                $entry->state,
                $says,
                self::keeps($hop) ? true : null,
            );
        }

        return $rows;
    }

    /**
     * @return list<MessageRow>
     */
    private static function ofGroup(Board $board, Hop $hop, GroupEntry $group): array
    {
        $rows = [];
        foreach (self::said([$group->on, $group->off]) as $said) {
            $message = Message::of($hop->profile, $hop->channel->name, $group->address, $said);
            $rows[] = new MessageRow(
                $hop->channel->name,
                $board->lineGroups[$group->group]->name,
                Addressing::Path === $hop->profile->addressing ? 'request' : 'command',
                true,
                $message->to,
                implode('; ', self::said([$message->says, ...$message->headers])),
                self::keeps($hop) ? false : null,
            );
        }

        return $rows;
    }

    /**
     * @return list<MessageRow>
     */
    private static function ofBoard(Board $board, ControlMap $map, Hop $hop): array
    {
        $form = Announced::form($hop);
        if (null === $form || [] === $map->on($hop->id)) {
            return [];
        }
        $rows = [];
        foreach (Announced::on($board, $map, $hop->id) as $one) {
            $rows[] = new MessageRow(
                $hop->channel->name,
                $board->lines[$one->line]->name,
                'announcement',
                false,
                $one->topic,
                $one->payload,
                true,
            );
        }
        foreach ([$form->here => 'presence', $form->gone => 'presence, last will'] as $says => $kind) {
            $rows[] = new MessageRow($hop->channel->name, $board->name, $kind, false, Announced::availability($board, $hop), $says, true);
        }

        return $rows;
    }

    /**
     * @param list<string> $texts
     * @return list<string> without those that say nothing
     */
    private static function said(array $texts): array
    {
        return array_values(array_filter($texts, static fn(string $text): bool => '' !== $text));
    }
}
