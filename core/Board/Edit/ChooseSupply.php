<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Catalogue\Supply;

/** Feeds a rail from another supply. */
final readonly class ChooseSupply implements Edit
{
    public function __construct(
        public string $rail,
        public Supply $supply,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        $board = $board->withPart($this->supply);

        return $board->with(rails: [...$board->rails, $this->rail => new Rail($rail->name, $this->supply->identity->id)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Feed the rail %s from %s', $board->nameOf($this->rail), $this->supply->identity->name);
    }
}
