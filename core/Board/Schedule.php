<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Record\ListOf;

/** When a timer switches its line, and what it knows the time from. */
final readonly class Schedule
{
    public const MOST_TIMES = 32;

    /**
     * @param list<SwitchTime> $times in the order of the day
     * @param ?ClockSource $clock null while nothing is said of it
     * @param ?MissedTime $missed null while nothing is said of it
     */
    public function __construct(
        #[ListOf(SwitchTime::class)]
        public array $times = [],
        public ?ClockSource $clock = null,
        public ?MissedTime $missed = null,
    ) {
        if (count($times) > self::MOST_TIMES) {
            throw new \InvalidArgumentException(sprintf('A timer has at most %d times.', self::MOST_TIMES));
        }
        $seen = [];
        foreach ($times as $time) {
            if (isset($seen[$time->at . $time->days->value])) {
                throw new \InvalidArgumentException(sprintf(
                    'Two times of a timer are %s on the same days. Take one away first.',
                    $time->at,
                ));
            }
            $seen[$time->at . $time->days->value] = true;
        }
    }

    /** In words, as short as a cell is. */
    public function said(): string
    {
        return implode(
            ', ',
            array_map(
                static fn(SwitchTime $time): string => sprintf('%s %s', $time->on ? 'on' : 'off', $time->at),
                array_slice($this->times, 0, 3),
            ),
        ) . (count($this->times) > 3 ? sprintf(' and %d more', count($this->times) - 3) : '');
    }

    public function plus(SwitchTime $time): self
    {
        $times = [...$this->times, $time];
        usort($times, static fn(SwitchTime $a, SwitchTime $b): int => [$a->at, $a->days->value] <=> [$b->at, $b->days->value]);

        return new self($times, $this->clock, $this->missed);
    }

    public function without(string $at, Days $days): self
    {
        return new self(
            array_values(array_filter($this->times, static fn(SwitchTime $time): bool => $time->at !== $at || $time->days !== $days)),
            $this->clock,
            $this->missed,
        );
    }
}
