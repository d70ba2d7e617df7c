<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Record\Copy;

/** One input of a ready-made opto-isolated module. */
final readonly class OptoModuleInput implements Driver
{
    use UsualDriver;

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
        return [new PartUse($this->module, OptoModule::class)];
    }

    public function words(): string
    {
        return 'opto module';
    }

    public function isReadyMade(): bool
    {
        return true;
    }

    public function needsCommonGround(): bool
    {
        return !$this->separateSupply;
    }

    public function claimsIsolation(): bool
    {
        return $this->isolates;
    }

    public function withoutClaim(): self
    {
        return Copy::of($this, ['isolates' => false]);
    }

    public function switchPart(): null
    {
        return null;
    }
}
