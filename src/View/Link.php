<?php

declare(strict_types=1);

namespace IronLatch\View;

/** One part of a line between hand and load. */
final readonly class Link
{
    /**
     * @param string $main what it is
     * @param string $detail its figures; empty for none
     * @param bool $isMissing nothing is there yet
     */
    public function __construct(
        public string $id,
        public string $plate,
        public string $main,
        public string $detail,
        public bool $isMissing = false,
    ) {}
}
