<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;

/** One input of a ready-made opto-isolated module. */
final readonly class OptoModuleInput implements Driver
{
    /**
     * @param string $module part id
     */
    public function __construct(
        public string $module,
        public Level $activeLevel,
    ) {}

    public function inherentActiveLevel(): Level
    {
        return $this->activeLevel;
    }

    public function part(): string
    {
        return $this->module;
    }
}
