<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\MapOf;
use IronLatch\Core\Record\Measured;

/** What is done in one run: with it and the board the run is the same every time. Mains comes at its beginning. */
final readonly class BenchScript
{
    public const MOST_DEEDS = 5_000;
    /** Two weeks. */
    public const MOST_SECONDS = 1_209_600.0;
    private const MINUTES_OF_A_WEEK = 7 * 24 * 60;

    /**
     * @param list<Deed> $deeds in any order
     * @param float $until when the run ends
     * @param int $seed of all that is left to chance
     * @param int $clock minutes of the week at the beginning, from Monday 00:00
     * @param array<string, string> $overrides facts of the board that are otherwise in this run, by their place in the board file:
     *     “parts.npn-2n2222.gain”, each as it would stand there
     * @param bool $startsAnyway the controller starts though a strap or an open fact keeps it from that, so that all else can be seen
     */
    public function __construct(
        #[ListOf(Deed::class)]
        public array $deeds = [],
        #[Measured(Unit::Second, least: 0.0, most: self::MOST_SECONDS)]
        public float $until = 30.0,
        public Corner $corner = Corner::Typical,
        public int $seed = 1,
        public int $clock = 8 * 60,
        #[MapOf('string', '^[A-Za-z0-9_. -]{1,120}$')]
        public array $overrides = [],
        public bool $startsAnyway = false,
    ) {
        if (count($deeds) > self::MOST_DEEDS) {
            throw new \InvalidArgumentException(sprintf('A run has at most %d deeds. Split it into several.', self::MOST_DEEDS));
        }
        if ($until < 0.0 || $until > self::MOST_SECONDS) {
            throw new \InvalidArgumentException('A run lasts two weeks at most. Begin anew.');
        }
        if ($seed < 0 || $seed > 0x7FFFFFFF) {
            throw new \InvalidArgumentException('A seed lies between 0 and 2147483647.');
        }
        if ($clock < 0 || $clock >= self::MINUTES_OF_A_WEEK) {
            throw new \InvalidArgumentException('The clock begins at 0 to 10079 minutes after Monday 00:00.');
        }
        if (count($overrides) > 50) {
            throw new \InvalidArgumentException('A run has at most 50 facts of its own.');
        }
    }

    /** The same up to another moment, in seconds. */
    public function until(float $seconds): self
    {
        return Copy::of($this, ['until' => $seconds]);
    }

    public function with(Deed $deed): self
    {
        return Copy::of($this, ['deeds' => [...$this->deeds, $deed], 'until' => max($this->until, $deed->at)]);
    }
}
