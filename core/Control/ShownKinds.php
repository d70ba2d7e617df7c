<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** What a line is to whoever shows or speaks of it, and where it is. */
final class ShownKinds
{
    /** As stated, else by its appliance. */
    public static function of(Board $board, string $line): ShownKind
    {
        $appliance = $board->appliance($board->lines[$line]);

        return $board->lines[$line]->shownAs ?? $appliance->shownAs ?? match (true) {
            null !== $board->stepsOf($line) => ShownKind::Fan,
            in_array($appliance->load, [LoadKind::Filament, LoadKind::ElectronicLamp], true) => ShownKind::Light,
            $appliance->heats => ShownKind::Heater,
            default => ShownKind::Switch,
        };
    }

    /** The kind that stands for it there: itself, or the nearest that is known; null where none of them is. */
    public static function at(SurfaceProfile $profile, ShownKind $kind): ?ShownKind
    {
        foreach ([] === $profile->kinds ? [$kind] : [$kind, ...$kind->substitutes()] as $candidate) {
            if ([] === $profile->kinds || in_array($candidate, $profile->kinds, true)) {
                return $candidate;
            }
        }

        return null;
    }

    /** As stated, else the room whose group it belongs to; empty while nobody has said. */
    public static function room(Board $board, string $line): string
    {
        if ('' !== $board->lines[$line]->room) {
            return $board->lines[$line]->room;
        }
        foreach ($board->lineGroups as $group) {
            if (LineGroupKind::Room === $group->kind && in_array($line, $group->lines, true)) {
                return $group->name;
            }
        }

        return '';
    }
}
