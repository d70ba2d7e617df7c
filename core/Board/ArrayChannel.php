<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;

/** One channel of a Darlington array. */
final readonly class ArrayChannel implements Driver
{
    use UsualDriver;

    /**
     * @param string $array part id
     * @param string $package which package it is in: channels of one package heat each other
     */
    public function __construct(public string $array, public string $package = 'U1') {}

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [new PartUse($this->array, DarlingtonArray::class)];
    }

    public function words(): string
    {
        return 'array ' . $this->package;
    }

    public function canBePulsed(): bool
    {
        return true;
    }

    public function switchPart(): string
    {
        return $this->array;
    }

    public function package(): string
    {
        return $this->package;
    }
}
