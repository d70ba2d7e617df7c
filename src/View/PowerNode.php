<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Power\Demand;

/** One knot of the drawn tree of rails: a source, a rail behind it, the controller, or a load. */
final readonly class PowerNode
{
    /**
     * @param string $note what stands between it and the knot before it, or what it is assumed from
     * @param string $rail id of the rail that it opens; empty for a load
     * @param list<self> $branches
     * @param string $opens the view, and what is opened there, where it is worked on: “drive:A1”; empty for nothing
     */
    public function __construct(
        public string $name,
        public string $note,
        public Demand $amps,
        public string $rail = '',
        public array $branches = [],
        public string $opens = '',
    ) {}

    /** How many rows it needs, one for each load at the end. */
    public function rows(): int
    {
        return [] === $this->branches ? 1 : array_sum(array_map(static fn(self $one): int => $one->rows(), $this->branches));
    }
}
