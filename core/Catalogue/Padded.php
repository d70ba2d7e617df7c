<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A part that is joined by terminals. */
interface Padded extends Priced
{
    /** Its terminals; null while nobody has written them down. */
    public function pads(): ?PadMap;
}
