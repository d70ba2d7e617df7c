<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** A microcontroller: the electrical facts of its pins, and each pin. */
#[Heading('Chips')]
final readonly class Chip implements Part
{
    /**
     * @param Spread $runCurrent amperes while running, the radio listening
     * @param Spread $peakAmps amperes for a moment, the radio sending: what the data sheet states is typical, what has been measured the
     *     greatest
     * @param list<PhaseLength> $startUp how long each phase of starting up lasts
     * @param list<BusKind> $routableBuses buses that any pin with input and output can serve, in hardware or in software
     * @param list<PortGroup> $portGroups
     * @param list<ChipPin> $pins
     * @param ?float $leastSupplyVolts below which it runs out of its specification
     * @param ?float $brownOutVolts below which it resets itself
     * @param bool $serialOverAir its own short-range radio can stand in for a serial wire
     * @param list<string> $upload how a program gets into it, step by step
     */
    public function __construct(
        public PartIdentity $identity,
        public PinElectrics $electrics,
        public bool $radio,
        #[Measured(Unit::Ampere)]
        public Spread $runCurrent,
        #[Measured(Unit::Ampere)]
        public Spread $peakAmps,
        #[ListOf(PhaseLength::class)]
        public array $startUp,
        #[ListOf(BusKind::class)]
        public array $routableBuses,
        #[ListOf(PortGroup::class)]
        public array $portGroups,
        #[ListOf(ChipPin::class)]
        public array $pins,
        #[Measured(Unit::Volt, above: true)]
        public ?float $leastSupplyVolts = null,
        #[Measured(Unit::Volt, above: true)]
        public ?float $brownOutVolts = null,
        #[ListOf('string')]
        public array $upload = [],
        public bool $serialOverAir = false,
    ) {
        $names = array_map(static fn(ChipPin $pin): string => $pin->name, $pins);
        if (count($names) !== count(array_unique($names))) {
            throw new \InvalidArgumentException('Two pins of the chip bear the same name.');
        }
        $groups = array_map(static fn(PortGroup $group): string => $group->name, $portGroups);
        foreach ($pins as $pin) {
            foreach (array_diff([$pin->port, $pin->sourcePort], ['', ...$groups]) as $missing) {
                throw new \InvalidArgumentException(sprintf(
                    'The pin %s belongs to the port group “%s”, which the chip does not have.',
                    $pin->name,
                    $missing,
                ));
            }
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    public function silicon(): Silicon
    {
        return new Silicon($this->identity, $this->electrics);
    }

    /** Seconds that a phase usually lasts; 0 where that is not known. */
    public function phaseSeconds(BootPhase $phase): float
    {
        foreach ($this->startUp as $length) {
            if ($length->phase === $phase) {
                return $length->seconds;
            }
        }

        return 0.0;
    }

    public function canRoute(BusKind $bus): bool
    {
        return in_array($bus, $this->routableBuses, true);
    }
}
