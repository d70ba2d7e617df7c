<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

/** One reading before power: between what, what a sound board shows, within which limit, and what another reading means. */
final readonly class ContinuityRow
{
    /**
     * @param string $subject id of what it belongs to on the board
     */
    public function __construct(
        public string $step,
        public string $from,
        public string $to,
        public string $expected,
        public string $limit,
        public string $means,
        public string $subject = '',
    ) {}
}
