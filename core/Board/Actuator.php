<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;

/** One relay of a line with its driver: what the firmware switches. */
final readonly class Actuator
{
    /**
     * @param string $function id of the relay output
     * @param string $relay part id
     * @param string $rail id of the rail that feeds the coil
     * @param Fact<Level> $activeLevel the level at the pin that switches the relay on
     */
    public function __construct(
        public string $function,
        public string $relay,
        public Driver $driver,
        public string $rail,
        #[FactOf(Level::class)]
        public Fact $activeLevel,
        public ContactUse $contact = ContactUse::NormallyOpen,
    ) {}

    /**
     * @param ?Fact<Level> $activeLevel
     */
    public function with(?string $relay = null, ?Driver $driver = null, ?string $rail = null, ?Fact $activeLevel = null, ?ContactUse $contact = null): self
    {
        return new self($this->function, $relay ?? $this->relay, $driver ?? $this->driver, $rail ?? $this->rail, $activeLevel ?? $this->activeLevel, $contact ?? $this->contact);
    }
}
