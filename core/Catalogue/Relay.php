<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/**
 * A relay: electromechanical, or with a solid-state output. What is called its coil is then its input, which has no copper to
 * warm and no inductance.
 */
#[Heading('Relays')]
final readonly class Relay implements Padded, Sized
{
    use OfItsPrice;
    use OfItsSize;

    /** Copper: the coil’s resistance rises by this share per kelvin. */
    public const COPPER_PER_KELVIN = 0.0039;
    /**
     * What a coil bears in the warmest air that small relays are made for, which the figure for 20 °C comes down to (data-sheet curves,
     * from memory).
     */
    private const WARM_RATIO = 1.1;
    private const WARMEST_CELSIUS = 70.0;
    /** Below this share of its nominal voltage a relay that is in may let go (common practice, from memory). */
    public const HOLD_RATIO = 0.4;
    /** How far a rail may lie from the nominal voltage of a coil. */
    private const RAIL_TOLERANCE = 0.1;

    /**
     * @param Spread $coilResistance ohms at 20 °C
     * @param float $operateRatio must operate at this share of the nominal voltage, at 20 °C
     * @param float $releaseRatio must release at this share of the nominal voltage
     * @param bool $statedWarm the operate voltage holds for a coil that is warm from a long hold as well
     * @param int $poles contacts that the one coil moves
     * @param ?float $approvedAmps resistive, at mains voltage, that an approval covers; null where it is what is printed
     * @param ?float $approvedNcAmps the same of the normally closed contact
     * @param ?float $contactPeakAmps for a moment, when it closes
     * @param ?float $contactMotorAmps full-load current of a motor that the maker lets it switch
     * @param ?float $contactCelsius air up to which its contacts carry their rating
     * @param ?float $contactLeastAmps below which films on its contacts are not broken; null where the maker says nothing
     * @param ?float $contactLeastVolts the same in volts
     * @param float $greatestRatio the coil bears this share of the nominal voltage at 20 °C
     */
    public function __construct(
        public PartIdentity $identity,
        #[Measured(Unit::Volt, above: true)]
        public float $coilVolts,
        #[Measured(Unit::Ohm, above: true)]
        public Spread $coilResistance,
        #[Measured(Unit::Ratio, above: true)]
        public float $operateRatio,
        #[Measured(Unit::Ratio, above: true)]
        public float $releaseRatio,
        #[Measured(Unit::Ratio, above: true)]
        public float $greatestRatio,
        #[Measured(Unit::Ampere)]
        public float $contactAcAmps,
        #[Measured(Unit::Volt)]
        public float $contactAcVolts,
        #[Measured(Unit::Ampere)]
        public float $contactDcAmps,
        #[Measured(Unit::Volt)]
        public float $contactDcVolts,
        public Insulation $insulation,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public ?SolidStateOutput $solidState = null,
        public bool $statedWarm = false,
        public ?Bistable $bistable = null,
        public int $poles = 1,
        #[Measured(Unit::Ampere)]
        public ?float $approvedAmps = null,
        #[Measured(Unit::Ampere)]
        public ?float $approvedNcAmps = null,
        #[Measured(Unit::Ampere)]
        public ?float $contactPeakAmps = null,
        #[Measured(Unit::Ampere)]
        public ?float $contactMotorAmps = null,
        #[Measured(Unit::Celsius)]
        public ?float $contactCelsius = null,
        #[Measured(Unit::Ampere)]
        public ?float $contactLeastAmps = null,
        #[Measured(Unit::Volt)]
        public ?float $contactLeastVolts = null,
        public ?PadMap $pads = null,
        public ?Size $size = null,
    ) {
        if ($poles < 1 || $poles > 4) {
            throw new \InvalidArgumentException('A relay has 1 to 4 poles.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    /** Amperes of alternating current that one of its contacts carries for good: no more than its own approval covers. */
    public function acAmps(bool $isNormallyClosed): float
    {
        return min($this->contactAcAmps, $this->approvedAmps ?? INF, $isNormallyClosed ? $this->approvedNcAmps ?? INF : INF);
    }

    /** Volts at which the relay must have operated, its coil at the given temperature. */
    public function operateVolts(float $coilCelsius): float
    {
        return $this->operateRatio * $this->coilVolts * ($this->statedWarm ? 1.0 : $this->resistanceRatio($coilCelsius));
    }

    /** Volts that the coil bears for good in air of a temperature; what is no coil does not mind. */
    public function greatestCoilVolts(float $airCelsius): float
    {
        $share = null === $this->solidState ? min(1.0, max(0.0, ($airCelsius - 20) / (self::WARMEST_CELSIUS - 20))) : 0.0;

        return $this->coilVolts * ($this->greatestRatio - $share * max(0.0, $this->greatestRatio - self::WARM_RATIO));
    }

    /** Resistance of the coil at a temperature over that at 20 °C; a solid-state input is no copper. */
    public function resistanceRatio(float $coilCelsius): float
    {
        return null === $this->solidState ? 1 + self::COPPER_PER_KELVIN * ($coilCelsius - 20) : 1.0;
    }

    /** Whether it may stand in for another without changing how it is driven: plain, bistable with as many windings, or solid-state. */
    public function isOfTheKindOf(self $other): bool
    {
        return (null === $this->solidState) === (null === $other->solidState) && $this->bistable?->windings === $other->bistable?->windings;
    }

    /** Whether it keeps mains and low voltage apart no worse than another does. */
    public function insulatesAsWellAs(self $other): bool
    {
        return Insulation::Reinforced === $this->insulation || $this->insulation === $other->insulation;
    }

    /** Two of it with their coils side by side on one driver, as the driver sees them. */
    public function paired(): self
    {
        $half = $this->coilResistance;

        return Copy::of(
            $this,
            [
                'coilResistance' => new Spread($half->min / 2, $half->typ / 2, $half->max / 2),
                'price' => 2 * $this->price,
                'poles' => 2 * $this->poles,
            ],
        );
    }

    /** An armature that falls back when its coil lets go. */
    public function isPlain(): bool
    {
        return null === $this->solidState && null === $this->bistable;
    }

    /** Whether it is made for a rail: a coil for its own voltage, a solid-state input for all that switch it and do not harm it. */
    public function suitsRail(float $volts): bool
    {
        return null === $this->solidState
            ? abs($volts - $this->coilVolts) <= self::RAIL_TOLERANCE * $this->coilVolts
            : $volts >= $this->operateVolts(20.0) && $volts <= $this->greatestRatio * $this->coilVolts;
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}
