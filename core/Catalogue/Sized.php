<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A part that takes up room. */
interface Sized extends Priced
{
    /** The box around it; null while nobody has said it. */
    public function size(): ?Size;
}
