<?php

declare(strict_types=1);

namespace IronLatch\Layout;

/** A file that came back, as the list shows it: without the file. */
final readonly class ReturnedCard
{
    public ReturnedVerdict $verdict;

    /**
     * @param int $revision that it was held against
     * @param string $against a hash of what it was held against
     * @param string $said as ReturnedVerdict writes it
     */
    public function __construct(
        public string $id,
        public int $revision,
        public string $name,
        public string $sha256,
        public string $against,
        string $said,
        public \DateTimeImmutable $cameAt,
    ) {
        $this->verdict = ReturnedVerdict::read($said);
    }
}
