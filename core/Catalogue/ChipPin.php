<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** One pin of a chip: what it can do, what it does at start-up, what reset needs of it. */
final readonly class ChipPin
{
    /**
     * @param string $name the chip’s own name of the pin, such as GPIO12 or PD2
     * @param list<Ability> $abilities
     * @param list<BootFact> $boot phases not named here find the pin floating
     * @param list<BusRole> $roles the bus units that the pin can serve; on a routable bus, the usual ones
     * @param string $converter the analogue input, as the data sheet calls it: “ADC1 channel 6”
     * @param string $port name of the port group that it shares its path to ground with, and to supply where $sourcePort names no other
     * @param string $sourcePort name of the group that it shares its path to supply with, where that spans ports
     * @param string $caution what else to know of it, as a clause
     * @param ?float $glitchSeconds length of the false low that it may read when a converter or the sleeping radio powers up; null for none
     * @param bool $variantMemory modules of the chip that have more memory inside (PSRAM, eight-wire flash) use it for that
     */
    public function __construct(
        public string $name,
        #[ListOf(Ability::class)]
        public array $abilities,
        #[ListOf(BootFact::class)]
        public array $boot = [],
        public ?Strap $strap = null,
        public ?ReservedFor $reserved = null,
        #[ListOf(BusRole::class)]
        public array $roles = [],
        public string $converter = '',
        public string $port = '',
        public string $caution = '',
        public bool $variantMemory = false,
        #[Measured(Unit::Second)]
        public ?float $glitchSeconds = null,
        public string $sourcePort = '',
    ) {}

    /** Name of the port group whose limit counts for what the pin gives, or for what it takes in; empty for none. */
    public function group(bool $sources): string
    {
        return $sources && '' !== $this->sourcePort ? $this->sourcePort : $this->port;
    }

    /** The pin as an expander’s, under the expander’s own id. */
    public function onExpander(string $id, bool $heldOff): self
    {
        return Copy::of($this, ['name' => $id . '.' . $this->name, ...$heldOff ? ['boot' => []] : []]);
    }

    /** Whether nothing lifts the pin before the program runs: it floats or rests low, and reset does not read it. */
    public function isQuiet(): bool
    {
        foreach ($this->boot as $fact) {
            if (PinState::Floating !== $fact->state && PinState::PulledDown !== $fact->state) {
                return false;
            }
        }

        return null === $this->strap;
    }

    /**
     * @return list<string> the units on which the pin can be that signal
     */
    public function unitsAs(BusSignal $signal): array
    {
        $units = [];
        foreach ($this->roles as $role) {
            if ($role->signal === $signal) {
                $units[] = $role->unit;
            }
        }

        return $units;
    }

    public function can(Ability $ability): bool
    {
        return in_array($ability, $this->abilities, true);
    }

    /** The state in a phase, with its length; null when the pin floats. */
    public function bootFact(BootPhase $phase): ?BootFact
    {
        foreach ($this->boot as $fact) {
            if ($fact->phase === $phase) {
                return $fact;
            }
        }

        return null;
    }
}
