<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\WiringFacts;
use IronLatch\Core\Record\Copy;

/** Chooses the channel of its array or module that serves a relay; whoever had it before takes the one that becomes free. */
final readonly class ChooseChannel implements Edit
{
    public function __construct(public string $actuator, public int $channel) {}

    public function apply(Board $board): Board
    {
        $driver = Targets::actuator($board, $this->actuator)->driver;
        if (!$driver->isReadyMade() && null === $driver->package()) {
            throw new EditRefused(sprintf('“%s” has a driver of its own, without channels.', $board->nameOf($this->actuator)));
        }
        if ($this->channel < 1 || $this->channel > WiringFacts::MOST_CHANNELS) {
            throw new EditRefused(sprintf(
                'A channel lies between 1 and %d. Look at the print beside the inputs.',
                WiringFacts::MOST_CHANNELS,
            ));
        }
        $facts = $board->wiring;
        $channels = $facts->channels;
        $other = array_search($this->channel, array_intersect_key($channels, $board->packageOf($this->actuator)), true);
        if (is_string($other) && $other !== $this->actuator) {
            $own = $channels[$this->actuator] ?? null;
            unset($channels[$other]);
            $channels = null === $own ? $channels : [...$channels, $other => $own];
        }
        $channels[$this->actuator] = $this->channel;
        ksort($channels, SORT_NATURAL);

        return $board->with(wiring: Copy::of($facts, ['channels' => $channels]));
    }

    public function summary(Board $board): string
    {
        return sprintf('Put “%s” on channel %d', $board->nameOf($this->actuator), $this->channel);
    }
}
