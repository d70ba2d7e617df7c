<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\WireLength;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** States how long one wire is; null takes that back. */
#[Says(Nature::Observation)]
final readonly class MeasureWire implements Edit
{
    /**
     * @param string $wire its number
     */
    public function __construct(
        public string $wire,
        #[Measured(Unit::Metre, least: 0.005, most: 200.0, hint: 'Write it with its unit, such as 250 mm.')]
        public ?float $metres = null,
    ) {}

    public function apply(Board $board): Board
    {
        $facts = $board->wiring;
        if (1 !== preg_match('/^[A-Z][0-9]{2,8}$/', $this->wire)) {
            throw new EditRefused(sprintf('“%s” is no number of a wire. Numbers look like W32.', mb_substr($this->wire, 0, 20)));
        }
        $lengths = $facts->lengths;
        unset($lengths[$this->wire]);
        if (null !== $this->metres) {
            $lengths[$this->wire] = new WireLength($this->metres);
        }
        ksort($lengths);

        return $board->with(wiring: Copy::of($facts, ['lengths' => $lengths]));
    }

    public function summary(Board $board): string
    {
        return null === $this->metres
            ? sprintf('Take back the length of wire %s', $this->wire)
            : sprintf('Make wire %s %s long', $this->wire, QuantityPrinter::rounded($this->metres, Unit::Metre));
    }
}
