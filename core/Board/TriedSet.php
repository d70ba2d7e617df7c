<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\ListOf;

/** Versions that were built together on a day, and what came of it. */
final readonly class TriedSet
{
    /**
     * @param string $day YYYY-MM-DD
     * @param list<LibraryPin> $libraries
     * @param bool $works it built and ran
     */
    public function __construct(
        public string $day,
        public string $boardPackage,
        #[ListOf(LibraryPin::class)]
        public array $libraries,
        public bool $works,
        public string $note = '',
    ) {
        if (!Tier::isDay($day)) {
            throw new \InvalidArgumentException(sprintf('“%s” is no day. Write it as 2026-03-14.', mb_substr($day, 0, 20)));
        }
        if (max(mb_strlen($boardPackage), mb_strlen($note)) > 120) {
            throw new \InvalidArgumentException('A version or note has at most 120 characters.');
        }
    }

    /**
     * What tells one set from another: its versions, in no order.
     *
     * @param list<LibraryPin> $libraries
     */
    public static function key(string $boardPackage, array $libraries): string
    {
        $named = array_map(static fn(LibraryPin $one): string => trim($one->name) . ' ' . trim($one->version), $libraries);
        sort($named);

        return mb_strtolower(implode("\n", [trim($boardPackage), ...$named]));
    }
}
