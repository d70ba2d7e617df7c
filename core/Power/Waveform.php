<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** The voltage of a rail and the current from its source over time. */
final readonly class Waveform
{
    /**
     * @param list<float> $volts at the loads, one for each step
     * @param list<float> $amps from the source
     */
    public function __construct(public float $step, public array $volts, public array $amps) {}

    public function lowestVolts(): float
    {
        return min([INF, ...$this->volts]);
    }

    public function greatestAmps(): float
    {
        return max([0.0, ...$this->amps]);
    }

    /** Seconds until the rail first reaches a voltage from below; null when it does not. */
    public function reaches(float $volts): ?float
    {
        foreach ($this->volts as $place => $one) {
            if ($one >= $volts) {
                return $place * $this->step;
            }
        }

        return null;
    }

    /**
     * As many points as are wanted, each with the least and the greatest voltage of its stretch, so that no dip is lost.
     *
     * @return list<array{float, float, float, float}> seconds, least and greatest volts, greatest amps
     */
    public function drawn(int $points): array
    {
        $count = count($this->volts);
        $width = max(1, intdiv($count, max(1, $points)));
        $drawn = [];
        for ($from = 0; $from < $count; $from += $width) {
            $volts = array_slice($this->volts, $from, $width);
            $drawn[] = [
                $from * $this->step,
                min([INF, ...$volts]),
                max([0.0, ...$volts]),
                max([0.0, ...array_slice($this->amps, $from, $width)]),
            ];
        }

        return $drawn;
    }
}
