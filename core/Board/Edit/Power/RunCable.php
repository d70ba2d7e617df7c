<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Cable;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** States the cable between the source of a rail and the board; a length of nothing removes it. */
final readonly class RunCable implements Edit
{
    public function __construct(
        public string $rail,
        #[Measured(Unit::Metre)]
        public float $metres,
        #[Measured(Unit::SquareMetre, above: true)]
        public float $squareMetres,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);

        return $board->with(rails: [
            ...$board->rails,
            $this->rail => $rail->withCable($this->metres > 0 ? new Cable($this->metres, $this->squareMetres) : null),
        ]);
    }

    public function summary(Board $board): string
    {
        return $this->metres > 0 ? sprintf(
            'Run %s of %s to the rail %s',
            QuantityPrinter::rounded($this->metres, Unit::Metre),
            QuantityPrinter::rounded($this->squareMetres, Unit::SquareMetre),
            $board->nameOf($this->rail),
        ) : sprintf('Remove the cable to the rail %s', $board->nameOf($this->rail));
    }
}
