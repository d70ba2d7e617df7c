<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a part costs stands in its price; 0 stands for what nobody has said. */
trait OfItsPrice
{
    public function euros(): ?float
    {
        return 0.0 < $this->price ? $this->price : null;
    }
}
