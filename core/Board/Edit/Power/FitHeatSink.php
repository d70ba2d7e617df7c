<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** Fits a heat sink to the converter of a rail, or takes it off. */
final readonly class FitHeatSink implements Edit
{
    public function __construct(
        public string $rail,
        #[Measured(Unit::KelvinPerWatt, above: true)]
        public ?float $kelvinPerWatt = null,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        if (!($board->feeder($this->rail) instanceof Converter) || null === $board->regulation($this->rail)?->caseKelvinPerWatt) {
            throw new EditRefused(sprintf('What feeds the rail %s takes no heat sink.', $rail->name));
        }

        return $board->with(rails: [...$board->rails, $this->rail => $rail->withHeatSink($this->kelvinPerWatt)]);
    }

    public function summary(Board $board): string
    {
        return null === $this->kelvinPerWatt ? sprintf('Take the heat sink off the converter of %s', $board->nameOf($this->rail)) : sprintf(
            'Fit a heat sink of %s to the converter of %s',
            QuantityPrinter::rounded($this->kelvinPerWatt, Unit::KelvinPerWatt),
            $board->nameOf($this->rail),
        );
    }
}
