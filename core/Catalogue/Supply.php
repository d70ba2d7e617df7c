<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** A source of low voltage. What its maker does not state is null, and what hangs on it is then not judged by it. */
#[Heading('Sources of low voltage')]
final readonly class Supply implements Padded, Sized
{
    use OfItsPrice;
    use OfItsSize;

    /** A source that states no limit is taken to give this share of its rating before it gives way (common practice). */
    private const USUAL_LIMIT = 1.1;
    /** Two sources whose outputs differ by no more than this share give the same voltage. */
    private const SAME_VOLTS = 0.02;

    /**
     * @param Spread $output volts without load; of a battery, from empty to full
     * @param float $ratedAmps for good, at cool air
     * @param ?float $limitAmps beyond which it lowers its voltage or switches off
     * @param ?Spread $internalOhms between its own voltage and its terminals
     * @param ?float $greatestFarads capacitance that it can start into
     * @param ?float $fullUpToCelsius air up to which it gives its rating
     * @param ?float $lossPerKelvin share of the rating that it gives less for each kelvin above that
     * @param ?float $greatestCelsius air in which it may still work
     * @param ?float $efficiency output over input power near its rating
     * @param ?float $idleWatts what it takes from the mains without load
     * @param ?float $holdUpSeconds how long it gives its rated current after the mains has gone
     * @param ?float $startSeconds from the mains to its output
     * @param ?float $cutOffAmps below which it switches itself off
     * @param Insulation $insulation between the mains and its output; of what is fed by the mains
     */
    public function __construct(
        public PartIdentity $identity,
        public SupplyForm $form,
        #[Measured(Unit::Volt, above: true)]
        public Spread $output,
        #[Measured(Unit::Ampere, above: true)]
        public float $ratedAmps,
        #[Measured(Unit::Ampere, above: true)]
        public ?float $limitAmps = null,
        #[Measured(Unit::Ohm)]
        public ?Spread $internalOhms = null,
        #[Measured(Unit::Farad)]
        public ?float $greatestFarads = null,
        #[Measured(Unit::Celsius)]
        public ?float $fullUpToCelsius = null,
        #[Measured(Unit::Ratio)]
        public ?float $lossPerKelvin = null,
        #[Measured(Unit::Celsius)]
        public ?float $greatestCelsius = null,
        #[Measured(Unit::Ratio, above: true)]
        public ?float $efficiency = null,
        #[Measured(Unit::Watt)]
        public ?float $idleWatts = null,
        #[Measured(Unit::Second)]
        public ?float $holdUpSeconds = null,
        #[Measured(Unit::Second)]
        public ?float $startSeconds = null,
        #[Measured(Unit::Ampere)]
        public ?float $cutOffAmps = null,
        #[Measured(Unit::AmpereHour, above: true)]
        public ?float $capacityAmpHours = null,
        public ?JackPolarity $jack = null,
        public ?Size $size = null,
        #[Measured(Unit::Euro)]
        public float $price = 0.0,
        public Insulation $insulation = Insulation::Unstated,
        public ?PadMap $pads = null,
    ) {
        if ($ratedAmps <= 0 || (null !== $limitAmps && $limitAmps < $ratedAmps)) {
            throw new \InvalidArgumentException('A source is rated for some current, and its limit lies no lower.');
        }
        if (null !== $efficiency && ($efficiency <= 0.05 || $efficiency > 1)) {
            throw new \InvalidArgumentException('An efficiency lies between 0.05 and 1.');
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    /** What it may give for good in air of a temperature. */
    public function ratedAmpsAt(float $celsius): float
    {
        if (null !== $this->greatestCelsius && $celsius > $this->greatestCelsius) {
            return 0.0;
        }
        $over = null === $this->fullUpToCelsius ? 0.0 : max(0.0, $celsius - $this->fullUpToCelsius);

        return $this->ratedAmps * max(0.0, 1 - $over * ($this->lossPerKelvin ?? 0.0));
    }

    /** Whether it is built in the same way and gives the same voltage. */
    public function isOfTheKindOf(self $other): bool
    {
        return $this->form === $other->form && $this->gives($other->output->typ);
    }

    public function gives(float $volts): bool
    {
        return abs($this->output->typ - $volts) <= self::SAME_VOLTS * $volts;
    }

    public function limit(): float
    {
        return $this->limitAmps ?? self::USUAL_LIMIT * $this->ratedAmps;
    }

    public function ohms(): Spread
    {
        return $this->internalOhms ?? Spread::exactly(0.0);
    }

    public function pads(): ?PadMap
    {
        return $this->pads;
    }
}
