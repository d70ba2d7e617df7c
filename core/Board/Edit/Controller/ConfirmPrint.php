<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;

/** States that the carrier in hand has the header and print of the part file. */
#[Says(Nature::Observation)]
final readonly class ConfirmPrint implements Edit
{
    public function __construct(
        public bool $confirmed,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(mcu: $board->mcu->with(printConfirmed: $this->confirmed));
    }

    public function summary(Board $board): string
    {
        return $this->confirmed ? 'Confirm the carrier’s header and print' : 'Take back the confirmation of the carrier’s print';
    }
}
