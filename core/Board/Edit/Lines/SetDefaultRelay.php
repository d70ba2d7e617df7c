<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\LineDefaults;
use IronLatch\Core\Catalogue\Relay;

/** Changes the relay that new lines get. */
final readonly class SetDefaultRelay implements Edit
{
    public function __construct(
        public Relay $relay,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->withPart($this->relay)->with(defaults: new LineDefaults(
            $this->relay->identity->id,
            $board->defaults->driver,
            $board->defaults->rail,
        ));
    }

    public function summary(Board $board): string
    {
        return sprintf('Give new lines %s', $this->relay->identity->name);
    }
}
