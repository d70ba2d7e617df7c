<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;

/** States that the carrier in hand has the header and print of the part file. */
final readonly class ConfirmPrint implements Edit
{
    public function __construct(
        public bool $matches,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(printConfirmed: $this->matches);
    }

    public function summary(Board $board): string
    {
        return $this->matches ? 'Confirm the carrier’s header and print' : 'Take back the confirmation of the carrier’s print';
    }
}
