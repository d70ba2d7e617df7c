<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\AttachedDevice;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\HouseCable;
use IronLatch\Core\Board\HousePlace;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\RecordShape;

/** Finds what an edit is about, or refuses the edit in plain words. */
final class Targets
{
    public static function line(Board $board, string $id): Line
    {
        return $board->lines[$id] ?? self::gone('line', $id);
    }

    public static function function(Board $board, string $id): PinFunction
    {
        return $board->functions[$id] ?? self::gone('function', $id);
    }

    public static function rail(Board $board, string $id): Rail
    {
        return $board->rails[$id] ?? self::gone('rail', $id);
    }

    public static function place(Board $board, string $id): HousePlace
    {
        return $board->places[$id] ?? self::gone('place', $id);
    }

    public static function houseCable(Board $board, string $id): HouseCable
    {
        return $board->houseCables[$id] ?? self::gone('cable', $id);
    }

    public static function group(Board $board, string $id): FunctionGroup
    {
        return $board->groups[$id] ?? self::gone('group', $id);
    }

    public static function stepGroup(Board $board, string $id): FunctionGroup
    {
        $group = self::group($board, $id);

        return GroupKind::StepRelays === $group->kind
            ? $group
            : throw new EditRefused(sprintf('“%s” is no group of step relays.', $group->name));
    }

    public static function channel(Board $board, string $id): Channel
    {
        return $board->channels[$id] ?? self::gone('channel', $id);
    }

    public static function expander(Board $board, string $id): FittedExpander
    {
        return $board->expanders[$id] ?? self::gone('expander', $id);
    }

    public static function seat(Board $board, string $function): Seat
    {
        $name = self::function($board, $function)->name;

        return $board->seats[$function] ?? throw new EditRefused(sprintf('“%s” has no pin yet. Seat it first.', $name));
    }

    public static function device(Board $board, string $id): AttachedDevice
    {
        return $board->devices[$id] ?? self::gone('device', $id);
    }

    /** A device with what feeds it, once that is there. */
    public static function fed(Board $board, string $name, string $part, ?string $rail, ?string $pin, ?string $function): AttachedDevice
    {
        if (null !== $rail && null !== $pin) {
            throw new EditRefused('A device is fed from a rail or from a pin, not from both. Choose one.');
        }
        if (null !== $rail) {
            self::rail($board, $rail);
        }
        $found = null === $pin ? null : $board->controller()->read($pin);
        $on = $found?->best();
        if (null !== $pin && null === $on) {
            throw new EditRefused(sprintf('The carrier leads out no pin “%s”. Write its print or its number.', $pin));
        }

        if (null !== $on?->expander) {
            throw new EditRefused('A device is fed from a pin of the controller itself, not from an expander’s.');
        }

        return new AttachedDevice($name, $part, $rail, $on?->name(), $function);
    }

    /** The board’s carrier, if a pin of it gives the voltage of its own regulator. */
    public static function carrierWithOutput(Board $board): Carrier
    {
        $carrier = $board->controller()->carrier;
        if (!$carrier->givesWhenFedAt($board->mcu->entry)) {
            throw new EditRefused('This carrier leads out no voltage of its own as it is fed. Choose a source or a converter.');
        }

        return $carrier;
    }

    /** Refuses to feed a rail from one that it feeds itself. */
    public static function requireNoLoop(Board $board, string $rail, string $from): void
    {
        for ($at = $from; null !== $at; $at = $board->feeder($at) instanceof Carrier ? $board->mcu->rail : $board->rails[$at]->from) {
            if ($at === $rail) {
                throw new EditRefused(sprintf(
                    'The rail %s would be fed by itself in the end. Choose another rail.',
                    $board->nameOf($rail),
                ));
            }
        }
    }

    public static function actuator(Board $board, string $id): Actuator
    {
        return $board->actuators()[$id] ?? self::gone('relay', $id);
    }

    /**
     * @return array{string, Surface} line id and surface
     */
    public static function surface(Board $board, string $id): array
    {
        foreach ($board->lines as $lineId => $line) {
            if (isset($line->surfaces[$id])) {
                return [$lineId, $line->surfaces[$id]];
            }
        }
        self::gone('surface', $id);
    }

    public static function lineGroup(Board $board, string $id): LineGroup
    {
        return $board->lineGroups[$id] ?? self::gone('group of lines', $id);
    }

    /** The group that a key acts on; null for what is no key of a group. */
    public static function groupOfKey(Board $board, string $key): ?string
    {
        foreach ($board->lineGroups as $id => $group) {
            if (isset($group->keys[$key])) {
                return $id;
            }
        }

        return null;
    }

    public static function changeKey(Board $board, string $group, string $id, ?GroupKey $key): Board
    {
        $keys = $board->lineGroups[$group]->keys;
        if (null === $key) {
            unset($keys[$id]);
        } else {
            $keys[$id] = $key;
        }

        return $board->with(lineGroups: [...$board->lineGroups, $group => $board->lineGroups[$group]->with(keys: $keys)]);
    }

    /**
     * @return array{string, Surface} line and surface
     */
    public static function timer(Board $board, string $id): array
    {
        [$line, $surface] = self::surface($board, $id);
        if (SurfaceKind::Timer !== $surface->kind) {
            throw new EditRefused(sprintf('A %s has no times: only a timer has.', $surface->kind->value));
        }

        return [$line, $surface];
    }

    /**
     * @param array<string, mixed> $changes fields of the surface
     */
    public static function changeSurface(Board $board, string $line, string $id, array $changes): Board
    {
        $surfaces = $board->lines[$line]->surfaces;

        return $board->with(lines: [
            ...$board->lines,
            $line => $board->lines[$line]->with(surfaces: [...$surfaces, $id => Copy::of($surfaces[$id], $changes)]),
        ]);
    }

    /** Refuses values of an edit that lie outside the ranges that stand with them. */
    public static function requirePossible(Edit $edit): void
    {
        $fault = RecordShape::of($edit::class)->impossible($edit);
        if (null !== $fault) {
            throw new EditRefused($fault);
        }
    }

    public static function requireName(string $name): void
    {
        if ('' === trim($name)) {
            throw new EditRefused('Give it a name first.');
        }
    }

    /**
     * @param list<string> $ids
     * @param \Closure(Actuator): Actuator $change
     */
    public static function changeActuators(Board $board, array $ids, \Closure $change): Board
    {
        if ([] === $ids) {
            throw new EditRefused('Choose at least one relay.');
        }
        $lines = $board->lines;
        foreach ($ids as $id) {
            $actuator = self::actuator($board, $id);
            $lineId = $board->lineOf($id);
            $lines[$lineId] = $lines[$lineId]->with(actuators: [...$lines[$lineId]->actuators, $id => $change($actuator)]);
        }

        return $board->with(lines: $lines);
    }

    /**
     * @param list<string> $ids of lines, relays or functions
     */
    public static function names(Board $board, array $ids): string
    {
        $names = array_map(static fn(string $id): string => '“' . $board->nameOf($id) . '”', $ids);

        return count($names) > 3 ? sprintf('%d lines', count($names)) : implode(', ', $names);
    }

    /**
     * Drops those of the given functions that nothing on the board uses any more, with their seats.
     *
     * @param list<string> $candidates
     */
    public static function withoutUnused(Board $board, array $candidates): Board
    {
        $used = [];
        foreach ($board->lines as $line) {
            foreach ([...array_values($line->surfaces), ...array_values($line->actuators)] as $user) {
                $used[$user->function] = true;
            }
            if (null !== $line->sense) {
                $used[$line->sense->function] = true;
            }
        }
        foreach ($board->lineGroups as $group) {
            foreach ($group->keys as $key) {
                $used[$key->function] = true;
            }
        }
        $drop = array_flip(array_filter($candidates, static fn(string $id): bool => !isset($used[$id])));

        $groups = array_map(
            static fn(FunctionGroup $group): FunctionGroup => $group->with(
                functions: array_values(array_filter($group->functions, static fn(string $id): bool => !isset($drop[$id]))),
                bank: $group->bank?->without(array_keys($drop)),
            ),
            $board->groups,
        );
        $needed = array_flip(array_map(static fn(FittedExpander $expander): string => $expander->bus, $board->expanders));
        $groups = array_filter(
            $groups,
            static fn(FunctionGroup $group, string $id): bool => [] !== $group->functions || isset($needed[$id]),
            ARRAY_FILTER_USE_BOTH,
        );

        $devices = array_map(
            static fn(AttachedDevice $device): AttachedDevice => isset($drop[$device->function ?? ''])
                ? $device->servingNothing()
                : $device,
            $board->devices,
        );

        return $board->with(
            devices: $devices,
            functions: array_diff_key($board->functions, $drop),
            seats: array_diff_key($board->seats, $drop),
            groups: $groups,
            frozenSeats: array_diff_key($board->frozenSeats, $drop),
        );
    }

    private static function gone(string $what, string $id): never
    {
        throw new EditRefused(sprintf('The %s %s is not on this board any more. Look at the newest revision.', $what, $id));
    }
}
