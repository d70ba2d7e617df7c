<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** The room that a part takes up stands in its size. */
trait OfItsSize
{
    public function size(): ?Size
    {
        return $this->size;
    }
}
