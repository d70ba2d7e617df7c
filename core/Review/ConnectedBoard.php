<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PriceList;
use IronLatch\Core\Build\Ratings;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Wiring\Connections;

/** What follows from the connections of a board. It costs more than everything else, so it is derived when somebody asks, and once. */
final class ConnectedBoard
{
    private ?Connections $connections = null;
    private ?BoxPlan $layout = null;
    private ?PartsList $parts = null;

    public function __construct(
        private readonly Board $board,
        private readonly Budget $power,
        private readonly LivePath $mains,
        private readonly PriceList $prices,
    ) {}

    public function connections(): Connections
    {
        return $this->connections ??= Connections::of($this->board, $this->power->continuousAmps());
    }

    public function layout(): ?BoxPlan
    {
        if (null === $this->board->build->form()) {
            return null;
        }
        if (null === $this->layout) {
            $watts = [];
            foreach ($this->power->heat->spots as $spot) {
                $watts[$spot->subject] = ($watts[$spot->subject] ?? 0.0) + $spot->watts->value;
            }
            $this->layout = BoxPlan::of($this->board, $this->connections(), $watts);
        }

        return $this->layout;
    }

    public function partsList(): PartsList
    {
        if (null === $this->parts) {
            $ratings = (new Ratings($this->board, $this->connections(), $this->power, $this->mains))->all();
            $this->parts = PartsList::of($this->board, $this->connections(), $this->prices, $ratings);
        }

        return $this->parts;
    }
}
