<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States the capacitance at the loads of a rail. */
#[Says(Nature::Choice)]
final readonly class StateReservoir implements Edit
{
    public function __construct(
        public string $rail,
        #[Measured(Unit::Farad)]
        public float $farads,
        #[Measured(Unit::Ohm)]
        public ?float $esrOhms = null,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);

        return $board->with(rails: [
            ...$board->rails,
            $this->rail => $rail->with(
                farads: Fact::stated($this->farads),
                esrOhms: null === $this->esrOhms ? null : Fact::stated($this->esrOhms),
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Fit %s at the rail %s', QuantityPrinter::rounded($this->farads, Unit::Farad), $board->nameOf($this->rail));
    }
}
