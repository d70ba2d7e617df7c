<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;

/** Feeds a rail from the carrier’s own regulator. */
final readonly class FeedRailFromCarrier implements Edit
{
    public function __construct(
        public string $rail,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        $carrier = Targets::carrierWithOutput($board);
        Targets::requireNoLoop($board, $this->rail, $board->mcu->rail);

        return $board->with(rails: [...$board->rails, $this->rail => $rail->fedBy($carrier->identity->id)]);
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Feed the rail %s from the carrier’s own regulator', $board->nameOf($this->rail)), $board, $this);
    }
}
