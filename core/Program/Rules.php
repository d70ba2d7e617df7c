<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\Sensed;

/** What switches lines by itself: sensors with their two thresholds, and timers. */
final readonly class Rules
{
    public function __construct(private ProgramPlan $plan, private LineMachine $lines) {}

    /** A reading comes; every rule on that sensor judges it. */
    public function read(Memory $memory, string $function, ?float $value): void
    {
        $memory->reading[$function] = $value;
        foreach ($this->plan->sensors as $id => $sensor) {
            if ($sensor->function === $function) {
                $this->decide($memory, $id);
            }
        }
    }

    /** Judges the last reading, and acts where that changes what the rule wants. */
    public function decide(Memory $memory, string $id): void
    {
        $sensor = $this->plan->sensors[$id];
        $memory->forget('rule:' . $id);
        $value = $memory->reading[$sensor->function] ?? null;
        $was = $memory->ruled[$id] ?? null;
        $wants = null === $value ? self::whenLost($sensor, $was) : self::judged($sensor, $value, $was);
        if (null === $wants || $wants === $was) {
            return;
        }
        $least = true === $was ? $sensor->rule->leastOnSeconds : (false === $was ? $sensor->rule->leastOffSeconds : 0.0);
        $from = ($memory->ruledAt[$id] ?? $memory->now) + Micros::of($least);
        // A sensor that is lost waits for nothing.
        if ($from > $memory->now && null !== $value) {
            $memory->later('rule:' . $id, $from);

            return;
        }
        $memory->ruled[$id] = $wants;
        // Until its first reading the line was off, since the program began.
        $memory->ruledAt[$id] = null === $was && !$wants ? $memory->startedAt : $memory->now;
        if (!$wants) {
            $this->lines->act($memory, $sensor->act->saying(Wish::Off));
        } elseif (!$sensor->onlyOff) {
            $this->lines->act($memory, $sensor->act->saying(Wish::On));
        }
    }

    private static function whenLost(SensorPlan $sensor, ?bool $was): ?bool
    {
        return match ($sensor->rule->whenLost) {
            LostSensor::On => true,
            LostSensor::Stays => $was,
            LostSensor::Off, null => false,
        };
    }

    /** What a reading says; between the two thresholds what was before. */
    private static function judged(SensorPlan $sensor, float $value, ?bool $was): ?bool
    {
        [$on, $off] = [$sensor->rule->on(), $sensor->rule->off()];
        if (Sensed::Event === $sensor->rule->sensed || null === $on || null === $off) {
            // A probe that only takes its line off does so when it says yes.
            return $sensor->onlyOff ? $value < 0.5 : $value >= 0.5;
        }
        $isHeater = $on < $off;

        return match (true) {
            $isHeater ? $value <= $on : $value >= $on => true,
            $isHeater ? $value >= $off : $value <= $off => false,
            default => $was,
        };
    }

    /** The time is known: what was missed is left out, or the line goes to what its table says for now. */
    public function timeKnown(Memory $memory, int $weekMicros): void
    {
        $wasKnown = null !== $memory->weekOffset;
        $memory->weekOffset = $weekMicros - $memory->now;
        foreach ($this->plan->timers as $id => $timer) {
            if (!$wasKnown && MissedTime::ByTheTable === $timer->schedule->missed) {
                $this->switch($memory, $timer, $timer->says($weekMicros));
            }
            $this->putOff($memory, $id, $timer);
        }
    }

    public function timeCame(Memory $memory, string $id): void
    {
        $timer = $this->plan->timers[$id];
        $this->switch($memory, $timer, $timer->says($this->week($memory)));
        $this->putOff($memory, $id, $timer);
    }

    private function putOff(Memory $memory, string $id, TimerPlan $timer): void
    {
        $next = $timer->next($this->week($memory));
        if (null !== $next) {
            $memory->later('timer:' . $id, $memory->now + $next[0]);
        }
    }

    private function switch(Memory $memory, TimerPlan $timer, ?bool $on): void
    {
        if (false === $on) {
            $this->lines->act($memory, $timer->act->saying(Wish::Off));
        } elseif (true === $on && !$timer->onlyOff) {
            $this->lines->act($memory, $timer->act->saying(Wish::On));
        }
    }

    private function week(Memory $memory): int
    {
        $week = ($memory->now + (int) $memory->weekOffset) % Micros::WEEK;

        return $week < 0 ? $week + Micros::WEEK : $week;
    }
}
