<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A part that is bought. */
interface Priced extends Part
{
    /** What one costs, indicative, in euros; null while nobody has said it. */
    public function euros(): ?float;
}
