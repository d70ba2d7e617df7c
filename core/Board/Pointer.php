<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Transistor;

/** Whatever is pointed at is there and is of the right kind; nothing is without a name or named twice. */
final class Pointer
{
    public const NAME_LENGTH = 120;

    /**
     * @param class-string $class
     */
    public static function part(Board $board, string $id, string $class, string $what): void
    {
        if (!isset($board->parts[$id])) {
            throw new \InvalidArgumentException(sprintf('The facts of the part “%s” (%s) are missing from the board.', $id, $what));
        }
        if (!$board->parts[$id] instanceof $class) {
            throw new \InvalidArgumentException(sprintf('The part “%s” cannot be the %s.', $id, $what));
        }
    }

    public static function rail(Board $board, string $rail, string $who): void
    {
        if (!isset($board->rails[$rail])) {
            throw new \InvalidArgumentException(sprintf('%s is fed from the rail “%s”, which is not on the board.', $who, $rail));
        }
    }

    public static function function(Board $board, string $function, string $who): void
    {
        if (!isset($board->functions[$function])) {
            throw new \InvalidArgumentException(sprintf('%s uses the function “%s”, which is not on the board.', $who, $function));
        }
    }

    public static function name(string $name, string $what): void
    {
        if ('' === trim($name)) {
            throw new \InvalidArgumentException($what . ' needs a name.');
        }
        if (mb_strlen($name) > self::NAME_LENGTH) {
            throw new \InvalidArgumentException(sprintf('%s: a name has at most %d characters.', $what, self::NAME_LENGTH));
        }
    }

    /**
     * @param array<string, true> $taken
     */
    public static function unique(array &$taken, string $id): void
    {
        if (isset($taken[$id])) {
            throw new \InvalidArgumentException(sprintf('The id “%s” is used twice.', $id));
        }
        $taken[$id] = true;
    }

    public static function driver(Board $board, Driver $driver, string $where): void
    {
        foreach ($driver->parts() as $use) {
            self::part($board, $use->id, $use->class, 'driver of ' . $where);
            if (null !== $use->isPnp && $board->part($use->id, Transistor::class)->isPnp !== $use->isPnp) {
                throw new \InvalidArgumentException(sprintf(
                    'The transistor “%s” of %s must be %s.',
                    $use->id,
                    $where,
                    $use->isPnp ? 'a PNP' : 'an NPN',
                ));
            }
        }
    }
}
