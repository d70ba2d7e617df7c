<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;

/** No driver at all: the coil between the pin and ground. */
final readonly class DirectDrive implements Driver
{
    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [];
    }

    public function switchPart(): null
    {
        return null;
    }

    public function withValue(string $name, ?float $ohms): self
    {
        return $this;
    }
}
