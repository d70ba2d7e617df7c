<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Control\PinNumbers;

/** A run of the bench as the same events for the sketch that runs on this computer, its broker included. */
final class DeskCourse extends ChipCourse
{
    /** “16” for GPIO16. */
    protected function named(Pin $pin): string
    {
        return (string) PinNumbers::ofProgram($pin);
    }

    protected function does(Happening $one): array
    {
        return match ($one->kind) {
            Happens::Arrives => $this->published($one),
            Happens::Outage => $this->isOfTheBroker($one) ? [[$one->micros, sprintf('link %d', 'gone' !== $one->value)]] : [],
            default => parent::does($one),
        };
    }

    /** Whether the broker is gone as long as this lasts. */
    private function isOfTheBroker(Happening $outage): bool
    {
        $map = $this->inspection->controls;
        foreach (Outages::of($map)->all as $one) {
            if ($one->key() === $outage->subject) {
                return $map->routes[(string) array_key_first($this->course->facts->plan->channels)]->hops[0]->isGoneIn($one);
            }
        }

        return false;
    }

    /**
     * What comes by the panel comes by the broker here, in its words: the panel itself is tried in a browser.
     *
     * @return list<array{int, string}>
     */
    private function published(Happening $one): array
    {
        $map = $this->inspection->controls;
        $channel = (string) array_key_first($this->course->facts->plan->channels);
        $entry = isset($map->entries[$one->subject])
            ? $map->at($map->entries[$one->subject]->line, $channel)[0]
            : $map->groupsAt($one->subject, $channel)[0];
        $says = match ($one->value) {
            'on' => $entry->on,
            'off' => $entry->off,
            'flip' => $entry->toggle ?? '',
            default => $one->value,
        };

        return [[$one->micros, sprintf('message %s %s', bin2hex($entry->address), bin2hex($says))]];
    }
}
