<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** A library of the program, and the version that it was built with. */
final readonly class LibraryPin
{
    public function __construct(public string $name, public string $version) {}
}
