<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Record\OneOf;

/** The circuit between a pin and a coil. */
#[OneOf('driver', [
    'direct' => DirectDrive::class,
    'npn-low-side' => NpnLowSide::class,
    'mosfet-low-side' => MosfetLowSide::class,
    'array-channel' => ArrayChannel::class,
    'high-side-pair' => HighSidePair::class,
    'inverting-pair' => InvertingPair::class,
    'coupler' => CouplerDriver::class,
    'bridge-output' => BridgeOutput::class,
    'opto-module' => OptoModuleInput::class,
])]
interface Driver
{
    /** The level at the pin that energises the coil, by the circuit’s own nature. */
    public function inherentActiveLevel(): Level;

    /**
     * @return list<PartUse> the parts that the circuit is built on
     */
    public function parts(): array;

    /**
     * @return array<string, Resistor> by the property that holds its ohms
     */
    public function resistors(): array;

    /** In as few words as fit on a plate. */
    public function words(): string;

    /** Whether it is bought ready-made: it brings its relays and what clamps them, and switches nothing but its own. */
    public function isReadyMade(): bool;

    /** Whether the program can switch it fast enough to hold a coil with less. */
    public function canBePulsed(): bool;

    /** Whether its input speaks with the pin over a ground that both have in common. */
    public function needsCommonGround(): bool;

    /** Whether the maker counts on it to keep pin and coil apart. */
    public function claimsIsolation(): bool;

    /** The same circuit, not counted on to keep anything apart. */
    public function withoutClaim(): self;

    /** Whether it leads the current of a coil that is switched off itself, and bears no diode across the coil. */
    public function clampsItself(): bool;

    /** Id of the transistor, MOSFET or array that carries the coil’s current; null where that is inside a module, or the pin itself. */
    public function switchPart(): ?string;

    /**
     * The circuit with another value of one of its resistors; names that it does not have change nothing.
     *
     * @throws \InvalidArgumentException when the value lies outside its bounds
     */
    public function withValue(string $name, ?float $ohms): self;
}
