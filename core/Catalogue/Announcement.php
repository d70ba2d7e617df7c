<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/**
 * How a line makes itself known by way of a broker, and how everybody learns that the board is there.
 *
 * Words may hold {root}, {line}, {n}, {name}, {kind}, {room}, {board}, {set}, {state}, {on}, {off}, {availability}, {here} and
 * {gone}.
 */
final readonly class Announcement
{
    /**
     * @param string $topic where it is announced, retained
     * @param string $payload JSON
     * @param string $availability topic at which the board says that it is there, retained; its last will says that it is gone
     */
    public function __construct(
        public string $topic,
        public string $payload,
        public string $availability,
        public string $here = 'online',
        public string $gone = 'offline',
    ) {
        if (mb_strlen($payload) > 2000 || max(mb_strlen($topic), mb_strlen($availability)) > 200) {
            throw new \InvalidArgumentException('An announcement has at most 2000 characters, its topics at most 200.');
        }
    }
}
