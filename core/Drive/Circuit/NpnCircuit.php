<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

/** The values of one NPN low-side circuit at one corner: source – base resistor – transistor – coil – rail. */
final readonly class NpnCircuit
{
    /**
     * @param float $driveVolts open-circuit voltage of what drives the base
     * @param float $driveOhms everything in series with the base, the source's own resistance included
     * @param ?float $baseEmitterOhms null where none is fitted
     * @param float $collectorOhms the transistor's own series resistance
     * @param float $saturationAmps I_S of the transport model
     */
    public function __construct(
        public float $driveVolts,
        public float $driveOhms,
        public ?float $baseEmitterOhms,
        public float $railVolts,
        public float $coilOhms,
        public float $collectorOhms,
        public float $gain,
        public float $reverseGain,
        public float $saturationAmps,
    ) {}
}
