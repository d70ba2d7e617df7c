<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Control\Announced;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Review\Inspection;

/** What a program must know beside its lines: keys of groups, lamps, how texts are read, how the board announces itself. */
final class OtherConstants
{
    /**
     * @return list<Constant>
     */
    public static function of(Inspection $inspection): array
    {
        return [
            ...self::keys($inspection),
            ...self::scenes($inspection),
            ...self::lamps($inspection),
            ...self::texts($inspection),
            ...self::announcements($inspection),
        ];
    }

    /**
     * @return list<Constant>
     */
    private static function keys(Inspection $inspection): array
    {
        $board = $inspection->board;
        $all = [];
        $counts = [];
        foreach ($inspection->controls->keys as $id => $entry) {
            $stem = 'GROUP_' . ControlMap::identifier($board->lineGroups[$entry->group]->name) . '_KEY';
            $counts[$stem] = ($counts[$stem] ?? 0) + 1;
            $stem .= '_' . $counts[$stem];
            if (null !== $entry->key->code) {
                $all[] = Constants::code('Groups', $stem, $entry->key->code, $id, false);
            } elseif (!$entry->key->isInfrared()) {
                array_push($all, ...Constants::pin($inspection, 'Groups', $stem, $entry->key->function));
            }
            $all[] = new Constant('Groups', $stem . '_ACTS', $entry->key->operation->value);
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function scenes(Inspection $inspection): array
    {
        $all = [];
        foreach ($inspection->board->lineGroups as $group) {
            if (LineGroupKind::Scene !== $group->kind) {
                continue;
            }
            $bits = 0;
            foreach (array_keys($inspection->board->lines) as $place => $line) {
                $bits |= in_array($line, $group->lit, true) ? 1 << $place : 0;
            }
            $all[] = new Constant(
                'Groups',
                'GROUP_' . ControlMap::identifier($group->name) . '_LIT',
                $bits,
                'of its lines those that the scene puts on; it takes the others off',
            );
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function lamps(Inspection $inspection): array
    {
        $all = [];
        foreach ($inspection->board->functions as $id => $function) {
            $pin = $inspection->seating->pins[$id] ?? null;
            $level = $function->lamp?->litLevel() ?? ($inspection->board->isCarriersOwnLamp($id) ? $pin?->header->lamp : null);
            $stem = ControlMap::identifier($function->name);
            if (null !== $level) {
                $all[] = new Constant('Lamps', $stem . '_LIT_LEVEL', 'high' === $level->value ? 1 : 0, 'level at the pin that lights it');
            }
            if (null !== $function->tells) {
                $all[] = new Constant('Lamps', $stem . '_TELLS', $function->tells->value);
            }
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function texts(Inspection $inspection): array
    {
        $all = [];
        foreach ($inspection->board->channels as $channel) {
            $stem = ControlMap::identifier($channel->name);
            foreach ([
                '_ENDING' => [$channel->reading?->ending?->value, 'what ends a text'],
                '_IGNORES_CASE' => [$channel->reading?->ignoresCase, 'capitals and small letters are the same'],
                '_TRIMS' => [$channel->reading?->trims, 'blanks before and behind are left out'],
            ] as $ending => [$value, $words]) {
                if (null !== $value) {
                    $all[] = new Constant('Channels', $stem . $ending, is_bool($value) ? (int) $value : $value, $words);
                }
            }
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function announcements(Inspection $inspection): array
    {
        $all = [];
        foreach ($inspection->controls->routes as $id => $route) {
            $hop = $route->hops[0];
            $form = Announced::form($hop);
            if (null === $form || null !== $route->next() || [] === $inspection->controls->on($id)) {
                continue;
            }
            $stem = ControlMap::identifier($hop->channel->name);
            $all[] = new Constant('Channels', $stem . '_PRESENCE', Announced::availability($inspection->board, $hop), 'retained');
            $all[] = new Constant('Channels', $stem . '_HERE', $form->here);
            $all[] = new Constant('Channels', $stem . '_GONE', $form->gone, 'its last will');
            foreach (Announced::on($inspection->board, $inspection->controls, $id) as $one) {
                $line = $inspection->controls->identifiers[$one->line] . '_' . $stem;
                $all[] = new Constant('Channels', $line . '_ABOUT', $one->topic, 'retained');
                $all[] = new Constant('Channels', $line . '_ANNOUNCEMENT', $one->payload);
            }
        }

        return $all;
    }
}
