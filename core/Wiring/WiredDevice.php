<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** One thing that wires are joined to. */
final readonly class WiredDevice
{
    /**
     * @param string $id its designator: letter, number of what it belongs to, and a digit for its role, so that it stays
     * @param string $name in a few words
     * @param string $value as printed beside it; empty for none
     * @param string $subject id of what it belongs to on the board; empty for the board as a whole
     * @param array<int|string, Terminal> $terminals by key, in their true order
     * @param ?string $part part id; null for what is no part of the catalogue
     * @param list<Path> $paths between its own terminals
     * @param string $note position of a jumper, polarity, or what else is to be seen on it
     */
    public function __construct(
        public string $id,
        public DeviceKind $kind,
        public string $name,
        public string $value,
        public string $subject,
        public array $terminals,
        public ?string $part = null,
        public string $note = '',
        public array $paths = [],
    ) {}
}
