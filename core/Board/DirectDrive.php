<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;

/** No driver at all: the coil between the pin and ground. */
final readonly class DirectDrive implements Driver
{
    use UsualDriver;

    public function inherentActiveLevel(): Level
    {
        return Level::High;
    }

    public function parts(): array
    {
        return [];
    }

    public function words(): string
    {
        return 'pin itself';
    }

    public function needsCommonGround(): bool
    {
        return false;
    }

    public function switchPart(): null
    {
        return null;
    }

    public function isMissing(): bool
    {
        return true;
    }
}
