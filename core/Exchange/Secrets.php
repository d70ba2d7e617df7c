<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\SecretName;

/**
 * Names of what must be kept apart from a board: network, broker, services. There are only placeholders, and a copy of the board fills
 * in its own.
 */
final class Secrets
{
    private const PLACEHOLDER = 'FILL IN, AND KEEP THIS FILE TO YOURSELF';

    /**
     * @return list<string> names, in capitals
     */
    public static function names(Board $board): array
    {
        $names = [];
        foreach ($board->channels as $id => $channel) {
            $profile = $board->profile($channel);
            $name = static fn(string $secret): string => SecretName::of($channel->name, $secret);
            if (in_array(Need::Radio, $profile->needs, true) && Addressing::Command !== $profile->addressing) {
                array_push($names, 'NETWORK_NAME', 'NETWORK_PASSWORD');
            }
            if (Addressing::Topic === $profile->addressing) {
                array_push($names, $name('HOST'), $name('USER'), $name('PASSWORD'));
            }
            if (in_array(Need::Service, $profile->needs, true)) {
                $names[] = $name('TOKEN');
            }
            foreach ($profile->secrets() as $secret) {
                $names[] = $name($secret);
            }
            foreach ([] === $profile->lineSecrets ? [] : self::linesOn($board, $id) as $line) {
                foreach ($profile->lineSecrets as $secret) {
                    $names[] = $name($line . '_' . $secret);
                }
            }
        }

        if (in_array('NETWORK_NAME', $names, true) && self::hasTimers($board)) {
            array_push($names, 'TIME_SERVER', 'TIME_ZONE');
        }

        return array_values(array_unique([...$names, 'PAIRING_SECRET']));
    }

    private static function hasTimers(Board $board): bool
    {
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $surface) {
                if (null !== $surface->schedule) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @return list<string> identifiers of the lines on a channel
     */
    private static function linesOn(Board $board, string $channel): array
    {
        $map = ControlMap::of($board);

        return array_map(static fn(Entry $entry): string => $map->identifiers[$entry->line], $map->on($channel));
    }

    public static function header(Board $board): string
    {
        $text = '// Secrets of one copy of '
            . $board->name
            . ". Never hand this file on, and never put it under version control.\n#pragma once\n\n";
        foreach (self::names($board) as $name) {
            $text .= sprintf("constexpr const char *%s = \"%s\";\n", $name, self::PLACEHOLDER);
        }

        return $text;
    }
}
