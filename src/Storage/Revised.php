<?php

declare(strict_types=1);

namespace IronLatch\Storage;

/** One line of the list of revisions, without its document. */
final readonly class Revised
{
    public function __construct(
        public string $id,
        public int $number,
        public ?int $base,
        public string $summary,
        public \DateTimeImmutable $madeAt,
    ) {}
}
