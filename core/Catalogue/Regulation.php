<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** What a regulator does: of which voltages it makes which, how much it gives, and what heat it makes of the rest. */
final readonly class Regulation
{
    /**
     * @param Spread $output volts
     * @param float $leastInputVolts from which a switching regulator works; of a linear one, see the drop-out
     * @param Spread $dropOutVolts that it wants between input and output at its rated current
     * @param Spread $quietAmps that it takes for itself
     * @param list<EfficiencyPoint> $curve of a switching regulator, by rising current
     * @param ?float $airKelvinPerWatt junction over air, without a heat sink; null where it is not stated
     * @param ?float $caseKelvinPerWatt junction over case, for a heat sink; null where none can be fitted
     * @param float $inputFarads the least capacitance that it wants at its input; 0 for none
     * @param bool $bringsCapacitors they are on its own small board
     * @param ?float $greatestInputAmps what a step-up converter’s switch bears, mean at its input: a low input leaves less at the output
     */
    public function __construct(
        public RegulatorKind $kind,
        #[Measured(Unit::Volt, above: true)]
        public Spread $output,
        #[Measured(Unit::Volt)]
        public float $leastInputVolts,
        #[Measured(Unit::Volt, above: true)]
        public float $greatestInputVolts,
        #[Measured(Unit::Volt)]
        public Spread $dropOutVolts,
        #[Measured(Unit::Ampere, above: true)]
        public float $ratedAmps,
        #[Measured(Unit::Ampere)]
        public Spread $quietAmps,
        #[ListOf(EfficiencyPoint::class)]
        public array $curve = [],
        #[Measured(Unit::KelvinPerWatt, above: true)]
        public ?float $airKelvinPerWatt = null,
        #[Measured(Unit::KelvinPerWatt, above: true)]
        public ?float $caseKelvinPerWatt = null,
        #[Measured(Unit::Celsius)]
        public float $greatestCelsius = 125.0,
        #[Measured(Unit::Farad)]
        public float $inputFarads = 0.0,
        #[Measured(Unit::Farad)]
        public float $outputFarads = 0.0,
        public bool $bringsCapacitors = true,
        #[Measured(Unit::Ampere, above: true)]
        public ?float $greatestInputAmps = null,
    ) {
        if ($ratedAmps <= 0 || $quietAmps->min < 0 || $greatestInputVolts <= $leastInputVolts) {
            throw new \InvalidArgumentException(
                'A regulator gives some current, takes no less than none for itself, and works over a range of input voltages.',
            );
        }
        if ($kind->switches() === ([] === $curve)) {
            throw new \InvalidArgumentException(
                'A switching regulator states its efficiency, a linear one has none but the ratio of its voltages.',
            );
        }
    }

    /** Amperes that it gives for good from an input voltage: its rating, or what its switch can still carry over. */
    public function ratedAmpsAt(float $inputVolts): float
    {
        return null === $this->greatestInputAmps ? $this->ratedAmps : min(
            $this->ratedAmps,
            $this->greatestInputAmps * $inputVolts * $this->efficiency($this->ratedAmps, $inputVolts) / $this->output->max,
        );
    }

    /** Output over input power; of a linear regulator that of its output current alone. */
    public function efficiency(float $amps, float $inputVolts): float
    {
        if (!$this->kind->switches()) {
            return min(1.0, $this->output->typ / max($inputVolts, 1e-3));
        }
        $before = null;
        foreach ($this->curve as $point) {
            if ($amps <= $point->amps) {
                if (null === $before) {
                    return $point->efficiency;
                }
                $place = log($amps / $before->amps) / log($point->amps / $before->amps);

                return $before->efficiency + $place * ($point->efficiency - $before->efficiency);
            }
            $before = $point;
        }

        return $before->efficiency ?? 1.0;
    }

    /** What it takes from its input while it gives a current at its output. */
    public function inputAmps(float $amps, float $outputVolts, float $inputVolts, bool $worst): float
    {
        return ($worst ? $this->quietAmps->max : $this->quietAmps->typ)
            + ($this->kind->switches() ? $amps * $outputVolts / max($this->efficiency($amps, $inputVolts) * $inputVolts, 1e-3) : $amps);
    }

    /** The heat that stays in it. */
    public function watts(float $amps, float $outputVolts, float $inputVolts, bool $worst): float
    {
        return max(0.0, $this->inputAmps($amps, $outputVolts, $inputVolts, $worst) * $inputVolts - $amps * $outputVolts);
    }

    /** Volts that it wants between input and output at a current: little of it at light load, all that is stated at its rating. */
    public function dropOutAt(float $amps, bool $worst): float
    {
        $share = min(1.0, $amps / $this->ratedAmps);

        return $this->dropOutVolts->min + $share
            * (($worst ? $this->dropOutVolts->max : $this->dropOutVolts->typ) - $this->dropOutVolts->min);
    }

    /** What comes out of it, at the typical output voltage as long as its input suffices. */
    public function outputAt(float $inputVolts, float $amps, bool $worst): float
    {
        return match (true) {
            $this->kind->needsHeadroom() => max(0.0, min($this->output->typ, $inputVolts - $this->dropOutAt($amps, $worst))),
            $inputVolts >= $this->leastInputVolts => $this->output->typ,
            default => 0.0,
        };
    }
}
