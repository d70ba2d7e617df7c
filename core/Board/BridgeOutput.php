<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\Level;

/** One input of a full bridge: it drives a winding one way. The other input of the same bridge drives it the other. */
final readonly class BridgeOutput implements Driver
{
    use UsualDriver;

    /**
     * @param string $bridge part id
     */
    public function __construct(public string $bridge) {}

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [new PartUse($this->bridge, BridgeDriver::class)];
    }

    public function words(): string
    {
        return 'full bridge';
    }

    public function clampsItself(): bool
    {
        return true;
    }

    public function switchPart(): string
    {
        return $this->bridge;
    }

    public function turnsRound(): bool
    {
        return true;
    }
}
