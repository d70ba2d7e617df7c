<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;

/** The contact of a line as one end of a two-way circuit, so that the old switches still work while the board is dead. */
final readonly class TwoWay
{
    public const MOST_SWITCHES = 6;

    /**
     * @param int $switches that carry mains in the circuit besides the board: one two-way switch, the rest intermediate ones
     * @param ?Fact<bool> $liveReturned its live comes, or goes back, through the path of another line or circuit
     * @param ?Fact<bool> $bypass a switch of its own around all of it
     */
    public function __construct(
        public int $switches = 1,
        #[FactOf('bool')]
        public ?Fact $liveReturned = null,
        #[FactOf('bool')]
        public ?Fact $bypass = null,
    ) {
        if ($switches < 1 || $switches > self::MOST_SWITCHES) {
            throw new \InvalidArgumentException(sprintf(
                'A two-way circuit has between 1 and %d switches besides the board.',
                self::MOST_SWITCHES,
            ));
        }
    }
}
