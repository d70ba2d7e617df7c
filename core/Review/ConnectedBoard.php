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
use IronLatch\Core\Wiring\Listing\ContinuityList;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Sheet\Overview;
use IronLatch\Core\Wiring\Sheet\Sheet;
use IronLatch\Core\Wiring\Sheet\Sheets;

/** What follows from the connections of a board. It costs more than everything else, so it is derived when somebody asks, and once. */
final class ConnectedBoard
{
    private ?Connections $connections = null;
    private ?BoxPlan $layout = null;
    private ?PartsList $parts = null;
    /** @var ?list<ContinuityRow> */
    private ?array $readings = null;
    /** @var ?list<Sheet> */
    private ?array $sheets = null;

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

    /**
     * @return list<ContinuityRow>
     */
    public function readings(): array
    {
        return $this->readings ??= (new ContinuityList($this->board, $this->connections()))->rows();
    }

    /**
     * @return list<Sheet> the whole box first
     */
    public function sheets(): array
    {
        return $this->sheets ??= [Overview::of($this->connections()), ...Sheets::of($this->connections())];
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
