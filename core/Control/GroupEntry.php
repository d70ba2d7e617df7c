<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** What a group of lines is called on one channel. */
final readonly class GroupEntry
{
    public function __construct(
        public string $group,
        public string $column,
        public string $address,
        public string $on,
        public string $off,
    ) {}
}
