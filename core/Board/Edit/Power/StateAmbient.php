<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

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

/** States the air temperature at the coils. */
#[Says(Nature::Observation)]
final readonly class StateAmbient implements Edit
{
    public function __construct(
        #[Measured(Unit::Celsius, least: -40.0, most: 120.0, hint: 'In a closed box 40 °C to 60 °C is usual.')]
        #[Place('ambient')]
        #[Question('Air inside', help: 'Measured at the parts with everything on, or reckoned from the box.')]
        public float $celsius,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requirePossible($this);

        return $board->with(ambient: Fact::stated($this->celsius));
    }

    public function summary(Board $board): string
    {
        return 'State ' . QuantityPrinter::rounded($this->celsius, Unit::Celsius) . ' at the coils';
    }
}
