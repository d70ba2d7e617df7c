<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** One line on the bench, from hand to appliance. */
final readonly class BenchRow
{
    /**
     * @param string $id of the line
     * @param list<BenchHand> $hands
     * @param list<BenchRelay> $relays
     * @param string $glyph what its appliance is drawn as
     * @param ?int $warmth percent of its full warmth, of what heats
     * @param bool $isLive it stands still and its inside is live
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $appliance,
        public array $hands,
        public array $relays,
        public string $glyph,
        public BenchPart $part,
        public ?int $warmth,
        public bool $isLive,
    ) {}
}
