<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FittedExpander;

/** States the address and the supply of an expander, and whether its outputs are held off until the program runs. */
final readonly class SetExpander implements Edit
{
    public function __construct(
        public string $expander,
        public int $address,
        public ?string $rail,
        public bool $heldOff = false,
    ) {}

    public function apply(Board $board): Board
    {
        $fitted = Targets::expander($board, $this->expander);
        if (null !== $this->rail) {
            Targets::rail($board, $this->rail);
        }
        if ($this->address < 0 || $this->address > 127) {
            throw new EditRefused('An I2C address lies between 0 and 127; that of an expander is usually 32 (0x20) or a little more.');
        }

        return $board->with(expanders: [
            ...$board->expanders,
            $this->expander => new FittedExpander($fitted->name, $fitted->part, $fitted->bus, $this->address, $this->rail, $this->heldOff),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Set the expander “%s”', $board->nameOf($this->expander));
    }
}
