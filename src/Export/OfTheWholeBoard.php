<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;

/** What is handed over once for a board. */
trait OfTheWholeBoard
{
    public function subjects(Inspection $inspection): array
    {
        return [''];
    }
}
