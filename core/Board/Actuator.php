<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\Measured;

/** One relay of a line with its driver, or a driver that switches the appliance itself: what the firmware switches. */
final readonly class Actuator
{
    /**
     * @param string $function id of the relay output
     * @param ?string $relay part id; null when the driver switches the appliance itself
     * @param string $rail id of the rail that feeds the coil
     * @param ?string $opens id of the bistable relay in the same line whose second winding this is; null for every other
     * @param ?string $guards id of the relay in the same line that its contact stands in series with, so that one opens where the other
     *     cannot; null for every other
     * @param Fact<Level> $activeLevel the level at the pin that switches the relay on
     * @param Fact<Clamp> $clamp what takes over the coil’s current when the driver opens; ready-made modules bring their own
     * @param ?float $holdRatio share of the rail that holds the coil once it is in, by switching it fast; null for all of it
     * @param bool $paired a second relay of the same kind has its coil beside the first, and its contact in the other conductor
     */
    public function __construct(
        public string $function,
        public ?string $relay,
        public Driver $driver,
        public string $rail,
        #[FactOf(Level::class)]
        public Fact $activeLevel,
        #[FactOf(Clamp::class)]
        public Fact $clamp,
        public ContactUse $contact = ContactUse::NormallyOpen,
        public ?string $opens = null,
        #[Measured(Unit::Ratio)]
        public ?float $holdRatio = null,
        public bool $paired = false,
        public ?string $guards = null,
    ) {
        if (null !== $holdRatio && ($holdRatio < 0.2 || $holdRatio >= 1)) {
            throw new \InvalidArgumentException('A coil is held with between 0.2 and 1 of its voltage. Usual are 0.5 to 0.7.');
        }
    }

    /** A relay as it comes with a new line, with the diode that belongs to every discrete driver. */
    public static function usual(string $function, string $relay, Driver $driver, string $rail): self
    {
        return new self($function, $relay, $driver, $rail, self::levelOf($driver), self::clampOf($driver));
    }

    /**
     * The package of several channels that its driver is one of: relays of one key sit in one.
     *
     * @param string $id its own
     * @return ?string null for a driver by itself
     */
    public function packageKey(string $id): ?string
    {
        $part = ($this->driver->parts()[0] ?? null)?->id;

        return match (true) {
            $this->driver->isReadyMade() => implode(
                ' ',
                ['module', $part, $this->rail, $this->driver->needsCommonGround() ? 'one' : 'two', $this->relay],
            ),
            null !== $this->driver->package() => implode(' ', ['array', $part, $this->driver->package()]),
            $this->driver->turnsRound() => 'bridge ' . ($this->opens ?? $id),
            default => null,
        };
    }

    /**
     * @param ?Fact<Level> $activeLevel
     * @param ?Fact<Clamp> $clamp
     */
    public function with(
        ?string $relay = null,
        ?Driver $driver = null,
        ?string $rail = null,
        ?Fact $activeLevel = null,
        ?ContactUse $contact = null,
        ?Fact $clamp = null,
        ?bool $paired = null,
    ): self {
        // What only some drivers have goes with the driver.
        $brought = match (true) {
            null === $driver, $driver->canBePulsed() => [],
            $driver->isReadyMade() => ['holdRatio' => null, 'paired' => false],
            default => ['holdRatio' => null],
        };
        $usual = null === $driver || $this->clamp->isStated() ? null : self::clampOf($driver);

        return Copy::of(
            Copy::said(
                $this,
                [
                    'relay' => $relay,
                    'driver' => $driver,
                    'rail' => $rail,
                    'activeLevel' => $activeLevel,
                    'contact' => $contact,
                    'clamp' => $clamp ?? $usual,
                    'paired' => $paired,
                ],
            ),
            $brought,
        );
    }

    /**
     * @return Fact<Level> the active level as the driver brings it; nobody has to state what follows from a circuit
     */
    public static function levelOf(Driver $driver): Fact
    {
        return Fact::assumed(
            $driver->inherentActiveLevel(),
            $driver->isReadyMade() ? 'as the part file of the module says' : 'follows from the circuit',
        );
    }

    /**
     * @return Fact<Clamp> what a circuit usually brings against the kick of its coil
     */
    public static function clampOf(Driver $driver): Fact
    {
        return $driver->clampsItself() ? Fact::assumed(
            Clamp::None,
            'a bridge has a way of its own for the current',
        ) : Fact::assumed(Clamp::Diode, 'part of the usual driver circuit');
    }

    public function holding(?float $ratio): self
    {
        return Copy::of($this, ['holdRatio' => $ratio]);
    }

    /** Without a relay: the driver switches the appliance itself. */
    public function direct(string $rail): self
    {
        return new self($this->function, null, $this->driver, $rail, $this->activeLevel, $this->clamp, opens: $this->opens);
    }

    /** The second winding of a bistable relay: driven as the first is, from an output of its own. */
    public function opening(string $function, string $relay): self
    {
        return new self($function, $this->relay, $this->driver, $this->rail, $this->activeLevel, $this->clamp, opens: $relay);
    }

    /** A second relay in series with one of its line, on an output of its own. */
    public function guarding(string $relay): self
    {
        return Copy::of($this, ['guards' => $relay]);
    }

    /** The level that the pin has while the relay is off, as the maker states it; null when that is unknown. */
    public function idleLevel(): ?Level
    {
        return $this->activeLevel->value instanceof Level ? $this->activeLevel->value->opposite() : null;
    }
}
