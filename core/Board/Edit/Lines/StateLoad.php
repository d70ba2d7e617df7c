<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States what a line’s appliance draws. */
#[Says(Nature::Observation)]
final readonly class StateLoad implements Edit
{
    public function __construct(
        public string $line,
        #[Measured(Unit::Watt, most: 20e3, above: true, hint: 'Take the figure from its rating plate.')]
        #[Place('watts')]
        #[Question('Power on its rating plate', help: 'On the plate of the appliance.')]
        public float $watts,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requirePossible($this);
        $line = Targets::line($board, $this->line);

        return $board->with(lines: [...$board->lines, $this->line => $line->with(watts: Fact::stated($this->watts))]);
    }

    public function summary(Board $board): string
    {
        return sprintf('State %s for “%s”', QuantityPrinter::rounded($this->watts, Unit::Watt), $board->nameOf($this->line));
    }
}
