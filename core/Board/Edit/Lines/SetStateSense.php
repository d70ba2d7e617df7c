<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** Sets values of the circuit by which a line hears its state; what is left out stays as it was. */
final readonly class SetStateSense implements Edit
{
    public function __construct(
        public string $line,
        #[Measured(Unit::Ohm, above: true)]
        public ?float $seriesOhms = null,
        public ?int $resistors = null,
        #[Measured(Unit::Volt, above: true)]
        public ?float $resistorVolts = null,
        #[Measured(Unit::Watt, above: true)]
        public ?float $resistorWatts = null,
        public ?int $turns = null,
        #[Measured(Unit::Ohm, above: true)]
        public ?float $burdenOhms = null,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requirePossible($this);
        $line = Targets::line($board, $this->line);
        $changes = Stated::in($this);
        if (null === $line->sense) {
            throw new EditRefused(sprintf('“%s” does not hear its state. Let it do so first.', $line->name));
        }
        if ([] === $changes) {
            throw new EditRefused('Nothing was set. Fill in at least one of the fields.');
        }

        return $board->with(lines: [
            ...$board->lines,
            $this->line => Copy::of($line, ['sense' => Copy::of($line->sense, $changes)]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('The state of “%s”: %s', $board->nameOf($this->line), Stated::words($this));
    }
}
