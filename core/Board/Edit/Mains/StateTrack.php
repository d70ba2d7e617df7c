<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\Track;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States the narrowest mains track of the board. */
#[Says(Nature::Choice)]
final readonly class StateTrack implements Edit
{
    public function __construct(
        #[Measured(Unit::Metre, above: true)]
        #[Question('Narrowest mains track', help: 'Read it back from the layout.')]
        public float $widthMetres,
        #[Measured(Unit::Metre, above: true)]
        public float $copperMetres = 35e-6,
        public bool $inner = false,
        #[Measured(Unit::Metre)]
        public float $tinMetres = 0.0,
        public ?bool $carriesAll = null,
    ) {}

    public function apply(Board $board): Board
    {
        $box = $board->box ?? new MainsBox();

        return $board->with(box: $box->withTrack(new Track(
            $this->widthMetres,
            $this->copperMetres,
            $this->inner,
            $this->tinMetres,
            null === $this->carriesAll ? $box->track?->carriesAll : Fact::stated($this->carriesAll),
        )));
    }

    public function summary(Board $board): string
    {
        return sprintf('State mains tracks of %s', QuantityPrinter::rounded($this->widthMetres, Unit::Metre));
    }
}
