<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** An expander on the board: which, at which address, on which bus and supply. */
final readonly class FittedExpander
{
    /**
     * @param string $part part id
     * @param string $bus id of the I2C bus or the shift register chain that leads to it
     * @param int $address 7-bit; 0 for a shift register
     * @param ?string $rail id of the rail that feeds it; null for the controller’s pin supply
     * @param bool $heldOff a pull-up on its output-enable keeps all outputs off until the program lets them go
     */
    public function __construct(
        public string $name,
        public string $part,
        public string $bus,
        public int $address,
        public ?string $rail = null,
        public bool $heldOff = false,
    ) {}
}
