<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** One time of a timer. */
final readonly class SwitchTime
{
    /**
     * @param string $at hour and minute: “07:30”
     */
    public function __construct(public string $at, public bool $on, public Days $days = Days::All)
    {
        if (1 !== preg_match('/^([01]\d|2[0-3]):[0-5]\d$/D', $at)) {
            throw new \InvalidArgumentException('A time of a timer is written like 07:30, from 00:00 to 23:59.');
        }
    }

    public function said(): string
    {
        return sprintf('%s %s%s', $this->at, $this->on ? 'on' : 'off', Days::All === $this->days ? '' : ', ' . $this->days->value);
    }
}
