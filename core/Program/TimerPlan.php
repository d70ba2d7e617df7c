<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\Schedule;

/** Times of the week at which a line is switched. */
final readonly class TimerPlan
{
    /** @var list<array{int, bool}> microseconds from Monday 00:00, and whether the line goes on, in their order */
    public array $moments;

    public function __construct(public Act $act, public Schedule $schedule, public bool $onlyOff)
    {
        $moments = [];
        foreach ($schedule->times as $time) {
            [$hour, $minute] = array_map(intval(...), explode(':', $time->at));
            foreach (match ($time->days) {
                Days::All => range(0, 6),
                Days::Working => range(0, 4),
                Days::Weekend => [5, 6],
            } as $day) {
                $moments[] = [(($day * 24 + $hour) * 60 + $minute) * Micros::MINUTE, $time->on];
            }
        }
        usort($moments, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $this->moments = $moments;
    }

    /**
     * What comes next after a moment of the week.
     *
     * @return ?array{int, bool} microseconds until then; null for a timer without times
     */
    public function next(int $weekMicros): ?array
    {
        foreach ($this->moments as [$at, $on]) {
            if ($at > $weekMicros) {
                return [$at - $weekMicros, $on];
            }
        }

        return [] === $this->moments ? null : [$this->moments[0][0] + Micros::WEEK - $weekMicros, $this->moments[0][1]];
    }

    /** What the table says for a moment of the week. */
    public function says(int $weekMicros): ?bool
    {
        $said = [] === $this->moments ? null : $this->moments[count($this->moments) - 1][1];
        foreach ($this->moments as [$at, $on]) {
            $said = $at <= $weekMicros ? $on : $said;
        }

        return $said;
    }
}
