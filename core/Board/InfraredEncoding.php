<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How an infrared key is told on the light. */
enum InfraredEncoding: string
{
    /** Address, inverse, command, inverse: four bytes by the length of the pauses. */
    case PulseDistance = '32-bit pulse distance';
    /** Halves of bits; one bit flips with every press, so that one key has two values. */
    case BiPhase = 'bi-phase with a toggle bit';
    case Raw = 'raw value';
}
