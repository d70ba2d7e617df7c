<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;

/** Everything computed for one relay from its pin to its coil. */
final readonly class DriverResult
{
    /**
     * @param Margin $pin what the pin or the driver’s input can bear or needs, over what it gets
     * @param Margin $pullIn coil voltage over the voltage at which the relay must have operated
     * @param Margin $coilBears the greatest permitted coil voltage over the one it gets
     * @param Figure $coilAmps coil current, typical
     * @param float $typicalPinAmps current in the pin while the relay is on, typical
     * @param Figure $pinAmps greatest current in the pin
     * @param Margin $hotRestart coil voltage over the operate voltage of a coil that has warmed itself
     * @param ?Margin $releases release voltage over what is left on the coil while the pin is off; null for modules
     * @param ?Figure $forcedGain collector over base current at typical levels; null without a transistor of our own
     * @param ?Figure $collectorVolts V_CE at the worst corner
     * @param ?Figure $switchWatts heat in the switching element, at its greatest
     * @param float $typicalSwitchWatts the same at typical values
     * @param ?GateDrive $gate what the gate of a MOSFET gets
     * @param ?Margin $switchBears rated over actual current of the part that switches; null inside a module
     * @param ?Margin $staysOff for a module: the current up to which it releases for certain, over the residual one
     */
    public function __construct(
        public Margin $pin,
        public Margin $pullIn,
        public Margin $coilBears,
        public Figure $coilAmps,
        public float $typicalPinAmps,
        public Figure $pinAmps,
        public Margin $hotRestart,
        public ?Margin $releases = null,
        public ?Figure $forcedGain = null,
        public ?Figure $collectorVolts = null,
        public ?Margin $staysOff = null,
        public ?Figure $switchWatts = null,
        public float $typicalSwitchWatts = 0.0,
        public ?GateDrive $gate = null,
        public ?Margin $switchBears = null,
    ) {}
}
