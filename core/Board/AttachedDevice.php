<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\Copy;

/** A device on the board, and where its supply comes from. */
final readonly class AttachedDevice
{
    /**
     * @param string $part part id
     * @param ?string $rail id of the rail that feeds it; null for the controller’s pin supply
     * @param ?string $pin name of the signal pin that feeds it instead; null for none
     * @param ?string $function id of the function that it serves; null for none
     * @param bool $shifted a divider or a buffer brings the controller’s signal to the level of its input
     */
    public function __construct(
        public string $name,
        public string $part,
        public ?string $rail = null,
        public ?string $pin = null,
        public ?string $function = null,
        public bool $shifted = false,
    ) {
        if (null !== $rail && null !== $pin) {
            throw new \InvalidArgumentException('A device is fed from a rail or from a pin, not from both.');
        }
    }

    public function servingNothing(): self
    {
        return Copy::of($this, ['function' => null]);
    }
}
