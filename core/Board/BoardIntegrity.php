<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Relay;

/**
 * What must hold on every board, finished or not: whatever is pointed at is there, and no id is used twice. A board that came from
 * another by changing some of its fields is verified in the sections that these fields touch; the rest held before.
 */
final class BoardIntegrity
{
    /** What a board may have at most, so that whatever is allowed stays usable. */
    public const MOST = [
        'lines' => 128,
        'functions' => 512,
        'rails' => 32,
        'groups' => 64,
        'expanders' => 16,
        'devices' => 32,
        'channels' => 16,
        'lineGroups' => 64,
        'scenarios' => 32,
        'places' => 32,
        'houseCables' => 64,
    ];

    /** The board that the next one comes from. */
    private static ?Board $before = null;

    /**
     * @template T
     * @param \Closure(): T $make makes one board of another
     * @return T
     */
    public static function comingFrom(Board $before, \Closure $make): mixed
    {
        self::$before = $before;
        try {
            return $make();
        } finally {
            self::$before = null;
        }
    }

    /**
     * @return Controller what the functions are seated on
     * @throws \InvalidArgumentException with what is wrong and where
     */
    public static function verify(Board $board): Controller
    {
        $before = self::$before;
        self::$before = null;
        $now = get_object_vars($board);
        $old = null === $before ? [] : get_object_vars($before);
        $isTouched = static fn(string ...$fields): bool => [] !== array_filter(
            $fields,
            static fn(string $field): bool => !array_key_exists($field, $old) || $old[$field] !== $now[$field],
        );
        if ($isTouched('name', 'mcu', 'mains', 'parts', 'box', 'build', 'acceptances')) {
            self::whole($board);
        }
        if ($isTouched('rails', 'parts', 'mcu', 'defaults')) {
            RailIntegrity::verify($board);
            self::defaults($board);
        }
        self::limits($board);
        if ($isTouched('lines', 'functions', 'channels', 'rails', 'parts')) {
            LineIntegrity::verify($board);
        }
        $controller = $isTouched('mcu', 'expanders', 'groups', 'rails', 'parts') || null === $before
            ? SeatIntegrity::controller($board)
            : $before->controller();
        if ($isTouched('groups', 'functions')) {
            GroupIntegrity::verify($board);
        }
        if ($isTouched('seats', 'frozenSeats', 'functions', 'mcu', 'expanders', 'groups', 'rails', 'parts')) {
            SeatIntegrity::verify($board, $controller);
        }
        if ($isTouched('devices', 'functions', 'rails', 'mcu', 'expanders', 'parts')) {
            DeviceIntegrity::verify($board, $controller);
        }
        if ($isTouched('places', 'houseCables', 'functions', 'lines')) {
            PlaceIntegrity::verify($board);
        }
        if ($isTouched('wiring', 'lines')) {
            WiringIntegrity::verify($board);
        }
        if ($isTouched('lineGroups', 'lines', 'channels', 'functions', 'scenarios')) {
            GroupIntegrity::scenarios($board);
            GroupIntegrity::ofLines($board);
        }
        if ($isTouched('brief', 'lines')) {
            self::brief($board);
        }
        self::counters($board);

        return $controller;
    }

    private static function brief(Board $board): void
    {
        foreach ($board->brief->appliances ?? [] as $wanted) {
            foreach ($wanted->lines as $line) {
                if (!isset($board->lines[$line])) {
                    throw new \InvalidArgumentException(sprintf(
                        'The brief says that “%s” became the line “%s”, and there is no such line.',
                        $wanted->name,
                        $line,
                    ));
                }
            }
        }
    }

    private static function whole(Board $board): void
    {
        Pointer::name($board->name, 'The board');
        Pointer::part($board, $board->mcu->carrier, Carrier::class, 'carrier');
        Pointer::part($board, $board->part($board->mcu->carrier, Carrier::class)->chip, Chip::class, 'chip');
        Pointer::part($board, $board->mains, MainsSystem::class, 'mains system');
        foreach ($board->parts as $id => $part) {
            if ($part->identity()->id !== $id) {
                throw new \InvalidArgumentException(sprintf('The part under “%s” calls itself “%s”.', $id, $part->identity()->id));
            }
        }
        foreach ($board->acceptances as $key => $acceptance) {
            if ($acceptance->key() !== $key) {
                throw new \InvalidArgumentException(sprintf('The acceptance under “%s” is for “%s”.', $key, $acceptance->key()));
            }
        }
        if (null !== $board->box?->fuse) {
            Pointer::part($board, $board->box->fuse, MainsFuse::class, 'fuse');
        }
        if (null !== $board->build->enclosure) {
            Pointer::part($board, $board->build->enclosure, Enclosure::class, 'enclosure');
        }
        if (null !== $board->build->assembler) {
            Pointer::part($board, $board->build->assembler, Assembler::class, 'assembler');
        }
    }

    private static function defaults(Board $board): void
    {
        Pointer::rail($board, $board->mcu->rail, 'The controller');
        Pointer::driver($board, $board->defaults->driver, 'the defaults');
        Pointer::part($board, $board->defaults->relay, Relay::class, 'relay of the defaults');
        Pointer::rail($board, $board->defaults->rail, 'New lines');
    }

    private static function limits(Board $board): void
    {
        foreach (self::MOST as $what => $most) {
            if (count($board->{$what}) > $most) {
                throw new \InvalidArgumentException(sprintf(
                    'A board has at most %d %s. Take one away first, or divide it into two boards.',
                    $most,
                    strtolower((string) preg_replace('/(?=[A-Z])/', ' ', $what)),
                ));
            }
        }
    }

    private static function counters(Board $board): void
    {
        $ids = [
            ...array_keys($board->rails),
            ...array_keys($board->lines),
            ...array_keys($board->functions),
            ...array_keys($board->groups),
            ...array_keys($board->expanders),
            ...array_keys($board->devices),
            ...array_keys($board->scenarios),
            ...array_keys($board->channels),
            ...array_keys($board->lineGroups),
            ...array_keys($board->places),
            ...array_keys($board->houseCables),
        ];
        foreach ($board->lines as $line) {
            array_push($ids, ...array_keys($line->surfaces), ...array_keys($line->actuators));
        }
        foreach ($board->lineGroups as $group) {
            array_push($ids, ...array_keys($group->keys));
        }
        foreach ($ids as $id) {
            if ((int) substr($id, 1) > ($board->lastIds[$id[0]] ?? 0)) {
                throw new \InvalidArgumentException(sprintf(
                    'The id %s lies beyond the counter lastIds.%s; raise the counter, or the id could be given out again.',
                    $id,
                    $id[0],
                ));
            }
        }
    }
}
