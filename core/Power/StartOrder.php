<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** When each rail stands after the mains has come: its source’s start, then the time to fill the capacitance. */
final readonly class StartOrder
{
    /**
     * @param array<string, ?float> $seconds by rail, the first first; null where the source does not state its start
     */
    private function __construct(public array $seconds) {}

    public static function of(Flows $flows): self
    {
        $seconds = [];
        foreach (array_keys($flows->board->rails) as $rail) {
            $seconds[$rail] = self::standsAfter($flows, $rail);
        }
        uasort($seconds, static fn(?float $a, ?float $b): int => ($a ?? INF) <=> ($b ?? INF));

        return new self($seconds);
    }

    private static function standsAfter(Flows $flows, string $rail): ?float
    {
        $board = $flows->board;
        $feed = Feed::of($board, $rail);
        $farads = $board->rails[$rail]->reservoir()->value;
        // Charged by what the source gives beyond the loads that are there from the first moment.
        $charging = $feed->limitAmps - $flows->amps($rail, Scenario::allOff())->typical;
        $filled = $charging <= 0 ? INF : (is_float($farads) ? $farads : 0.0) * $feed->volts->typ / $charging;
        $source = $board->source($rail);
        if (null !== $source) {
            $start = $source->startSeconds ?? ($source->form->isFedByMains() ? null : 0.0);

            return null === $start ? null : $start + $filled;
        }
        $before = self::standsAfter($flows, $board->rails[$rail]->from ?? $board->mcu->rail);

        return null === $before ? null : $before + $filled;
    }
}
