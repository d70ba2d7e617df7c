<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Record\ListOf;

/** What else is said for the same, and what is answered. */
final readonly class SpokenWords
{
    /**
     * @param list<string> $on with {address}
     * @param list<string> $off with {address}
     * @param string $reply with {address} and {state}
     */
    public function __construct(
        #[ListOf('string')]
        public array $on,
        #[ListOf('string')]
        public array $off,
        public string $reply = '',
    ) {}
}
