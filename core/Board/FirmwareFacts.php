<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** What stops a build when it is not the same: versions, settings and rates. */
final readonly class FirmwareFacts
{
    /**
     * @param string $boardPackage name and version of what compiles for the controller; empty while it is not stated
     * @param string $boardType what is chosen there
     * @param string $partitions how the flash is divided
     * @param int $consoleRate bits per second
     * @param int $radioRate bits per second of a serial radio
     * @param float $debounceSeconds how long a contact must rest before it counts
     * @param list<LibraryPin> $libraries
     * @param list<TriedSet> $tried sets of versions that were built together
     */
    public function __construct(
        public string $boardPackage = '',
        public string $boardType = '',
        public string $partitions = '',
        public int $consoleRate = 115_200,
        public int $radioRate = 9600,
        #[Measured(Unit::Second)]
        public float $debounceSeconds = 0.03,
        #[ListOf(LibraryPin::class)]
        public array $libraries = [],
        #[ListOf(TriedSet::class)]
        public array $tried = [],
    ) {
        if ($consoleRate < 300 || $consoleRate > 4_000_000 || $radioRate < 300 || $radioRate > 4_000_000) {
            throw new \InvalidArgumentException('A serial link runs at 300 to 4000000 bits per second. Usual are 9600 and 115200.');
        }
        if (max(mb_strlen($boardPackage), mb_strlen($boardType), mb_strlen($partitions)) > 120) {
            throw new \InvalidArgumentException('A version or setting has at most 120 characters.');
        }
        if ($debounceSeconds < 0.001 || $debounceSeconds > 0.5) {
            throw new \InvalidArgumentException('A contact is left to settle for 1 to 500 ms. Usual are 20 to 50 ms.');
        }
    }

    /** With the versions of a set that was tried before. */
    public function goingBackTo(TriedSet $set): self
    {
        return Copy::of($this, ['boardPackage' => $set->boardPackage, 'libraries' => $set->libraries]);
    }

    /**
     * @param ?list<LibraryPin> $libraries
     * @param ?list<TriedSet> $tried
     */
    public function with(
        ?int $consoleRate = null,
        ?int $radioRate = null,
        ?float $debounceSeconds = null,
        ?array $libraries = null,
        ?array $tried = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
