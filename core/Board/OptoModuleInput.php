<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;

/** One input of a ready-made opto-isolated module. */
final readonly class OptoModuleInput implements Driver
{
    /**
     * @param string $module part id
     * @param bool $separateSupply the jumper is off: its inputs are fed with the pins’ supply, its coils from their rail
     * @param bool $isolates the maker counts on the module to keep the two sides apart
     */
    public function __construct(
        public string $module,
        public Level $activeLevel,
        public bool $separateSupply = false,
        public bool $isolates = false,
    ) {}

    public function inherentActiveLevel(): Level
    {
        return $this->activeLevel;
    }

    public function parts(): array
    {
        return [$this->module];
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
