<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a new line starts with. */
final readonly class LineDefaults
{
    public function __construct(
        public string $relay,
        public Driver $driver,
        public string $rail,
    ) {}
}
