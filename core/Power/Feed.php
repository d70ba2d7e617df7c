<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Quantity\Spread;

/** A rail as its loads see it: a voltage behind a resistance, that gives no more than a limit. */
final readonly class Feed
{
    /** What a regulator has of resistance (from memory), and beyond which share of its rating it gives way (common practice). */
    private const REGULATOR_OHMS = 0.03;
    private const REGULATOR_LIMIT = 1.2;

    /**
     * @param Spread $volts without load
     * @param Spread $ohms of source, protection and cable, there and back
     * @param float $limitAmps typical; at the worst corner only the rated current is counted on
     * @param float $surelyAmps that it gives for certain
     */
    private function __construct(public Spread $volts, public Spread $ohms, public float $limitAmps, public float $surelyAmps) {}

    public static function of(Board $board, string $rail): self
    {
        $feeder = $board->feeder($rail);
        $ohms = $feeder instanceof Supply ? $feeder->ohms() : Spread::exactly(self::REGULATOR_OHMS);
        foreach ($board->protection($rail) as $one) {
            $ohms = $one->kind->isInSeries() ? $ohms->plus($one->ohms) : $ohms;
        }
        $cable = $board->rails[$rail]->cable;
        $ohms = null === $cable ? $ohms : $ohms->plus($cable->ohms());
        $ohms = $ohms->plus($board->wiring->feedOhms($rail, !$feeder instanceof Supply));
        $rated = Budget::rated($board, $rail)->value;

        return new self(
            $board->railVolts($rail),
            $ohms,
            $feeder instanceof Supply ? $feeder->limit() : self::REGULATOR_LIMIT * $rated,
            $rated,
        );
    }

    /** Whether it can give a current without lowering its voltage any further than its resistance does. */
    public function gives(float $amps, bool $worst): bool
    {
        return $amps <= ($worst ? $this->surelyAmps : $this->limitAmps);
    }

    /** Volts under a steady current that it can give. */
    public function loaded(float $amps, bool $worst): float
    {
        return max(0.0, $worst ? $this->volts->min - $amps * $this->ohms->max : $this->volts->typ - $amps * $this->ohms->typ);
    }
}
