<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Pull;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Fits a pull resistor on a function’s wire. */
final readonly class FitPull implements Edit
{
    public function __construct(
        public string $function,
        public PullDirection $direction,
        #[Measured(Unit::Ohm, above: true)]
        public float $ohms,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);

        return $board->with(functions: [
            ...$board->functions,
            $this->function => $function->withPull(new Pull($this->direction, $this->ohms)),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'Fit a %s pull-%s for “%s”',
            QuantityPrinter::rounded($this->ohms, Unit::Ohm),
            $this->direction->value,
            $board->nameOf($this->function),
        );
    }
}
