<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How a part whose record holds what it may carry and block answers for it. */
trait Rated
{
    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    public function ratedAmps(): float
    {
        return $this->greatestAmps;
    }

    public function ratedVolts(): float
    {
        return $this->greatestVolts;
    }
}
