<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

/** A driver circuit at rest, at one set of values. */
final readonly class SwitchPoint
{
    /**
     * @param float $pinAmps out of the pin; negative into it
     * @param float $switchVolts what the switching element keeps from the coil
     * @param ?float $baseAmps of the transistor that switches the coil; null where there is none
     * @param array<string, float> $nodes volts of each node, by name
     */
    public function __construct(
        public float $pinAmps,
        public float $coilVolts,
        public float $coilAmps,
        public float $switchVolts,
        public ?float $baseAmps,
        public array $nodes,
    ) {}
}
