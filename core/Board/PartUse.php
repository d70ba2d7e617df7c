<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Part;

/** A part that a circuit is built on, and what it has to be. */
final readonly class PartUse
{
    /**
     * @param string $id of the part
     * @param class-string<Part> $class what kind of part it must be
     * @param ?bool $isPnp of a transistor: whether it must be a PNP or an NPN; null for all else
     */
    public function __construct(public string $id, public string $class, public ?bool $isPnp = null) {}
}
