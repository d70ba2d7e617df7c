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
    'mosfet-high-side' => MosfetHighSide::class,
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
     * @return array<string, DriverResistor> by the property that holds its ohms
     */
    public function resistors(): array;

    /** In as few words as fit on a plate. */
    public function words(): string;

    /** Whether it is bought ready-made: it brings its relays and what clamps them, and switches nothing but its own. */
    public function isReadyMade(): bool;

    /** Whether there is none: the coil, or the input of a solid-state relay, is on the pin itself. */
    public function isMissing(): bool;

    /** Whether it can turn the current through a winding round, as a latching relay with one winding needs. */
    public function turnsRound(): bool;

    /** The package that its part shares with other drivers, and clamps their coils in by a common pin; null where it shares none. */
    public function package(): ?string;

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

    /** The value of one of its resistors; null where it is not fitted, or the circuit has none of that name. */
    public function ohms(string $name): ?float;

    /** Whether the circuit works without that resistor. */
    public function canDoWithout(string $name): bool;

    /** The property of the one resistor that alone decides how hard the switch is driven; null where several do, or none. */
    public function sizedResistor(): ?string;

    /** The property of the resistor that holds the input off while nothing drives it; null where it has none of its own. */
    public function holdResistor(): ?string;

    /** The same circuit with another part that carries the coil’s current. */
    public function withSwitch(string $part): self;
}
