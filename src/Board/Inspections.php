<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Storage\ShelfPapers;

/** Inspects boards with the parts of this shelf, and with what they cost here. */
final readonly class Inspections
{
    public function __construct(private Catalogue $catalogue, private ShelfPapers $papers) {}

    public function of(Board $board): Inspection
    {
        return new Inspection($board, $this->catalogue, $this->papers->prices());
    }
}
