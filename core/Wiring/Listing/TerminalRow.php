<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Listing;

use IronLatch\Core\Wiring\Joining;
use IronLatch\Core\Wiring\Terminal;
use IronLatch\Core\Wiring\WiredDevice;

/** One terminal with its conductors. */
final readonly class TerminalRow
{
    /**
     * @param list<string> $wires numbers of the wires in its clamp
     * @param list<string> $beyond numbers of those at its other side
     * @param ?float $newtonMetres null where there is no screw; from memory: the maker’s figure stands above it
     */
    public function __construct(
        public WiredDevice $device,
        public Terminal $terminal,
        public array $wires,
        public array $beyond,
        public ?float $newtonMetres,
        public bool $isMains,
    ) {}

    /**
     * Whether one of its clamps gets more conductors than it takes.
     *
     * @param bool $takesTwo screw terminals are made for two
     */
    public function isOverfull(bool $takesTwo): bool
    {
        $takes = $takesTwo && Joining::Screw === $this->terminal->joining ? 2 : $this->terminal->joining->takes();

        return max(count($this->wires), count($this->beyond)) > $takes;
    }
}
