<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

/** One reading before power: between what, what a sound board shows, within which limit, and what another reading means. */
final readonly class ContinuityRow
{
    /**
     * @param string $subject id of what it belongs to on the board
     * @param float $leastOhms that a sound board reads
     * @param float $mostOhms that it reads; without end where only the least is asked for
     * @param ?float $typicalOhms null where nothing in between is likelier
     */
    public function __construct(
        public string $step,
        public string $from,
        public string $to,
        public string $expected,
        public string $limit,
        public string $means,
        public string $subject = '',
        public float $leastOhms = 0.0,
        public float $mostOhms = INF,
        public ?float $typicalOhms = null,
    ) {}
}
