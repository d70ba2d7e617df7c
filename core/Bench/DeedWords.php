<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Outages;

/** A sentence for what is done to a board, with the names that its parts have there. */
final readonly class DeedWords
{
    public function __construct(private Board $board, private ControlMap $map) {}

    /** In one piece: a table from what is done to how it is said. */
    public function of(Deed $deed): string
    {
        $what = $this->named($deed->what);
        $held = null === $deed->for ? '' : sprintf(', held for %s', self::span($deed->for));

        return match ($deed->do) {
            DeedKind::Press => sprintf('Press %s%s%s.', $what, 'off' === $deed->value ? ', the key for off' : '', $held),
            DeedKind::Close => sprintf('Close %s.', $what),
            DeedKind::Open => sprintf('Open %s.', $what),
            DeedKind::Turn => sprintf('Turn %s to %d.', $what, (int) $deed->value + 1),
            DeedKind::Say => sprintf('Ask by %s: %s.', $what, $deed->value),
            DeedKind::Command => sprintf('The program is told: %s %s.', $what, $deed->value),
            DeedKind::Sensor => sprintf('%s %s.', ucfirst($what), '' === $deed->value ? 'says nothing any more' : 'reads ' . $deed->value),
            DeedKind::Outage => sprintf('Cut %s.', $this->outage($deed->what)),
            DeedKind::Back => sprintf('Put %s back.', $this->outage($deed->what)),
            DeedKind::CutMains => 'Cut mains.',
            DeedKind::MainsBack => 'Put mains back.',
            DeedKind::Lose => sprintf('The next message on %s will be lost.', $what),
            DeedKind::Weld => sprintf('The contact of %s welds.', $what),
            DeedKind::Hang => 'The program hangs.',
            DeedKind::OtherSwitch => sprintf('Throw the other switch of %s.', $what),
        };
    }

    private static function span(float $seconds): string
    {
        return $seconds < 120 ? round($seconds, 2) . ' s' : round($seconds / 60, 1) . ' min';
    }

    private function outage(string $key): string
    {
        foreach (Outages::of($this->map)->all as $outage) {
            if ($outage->key() === $key) {
                return $outage->short();
            }
        }

        return $key;
    }

    /** A surface by its kind and its line, a group on its channel, anything else by its own name. */
    private function named(string $what): string
    {
        [$id, $channel] = [...explode('@', $what, 2), ''];
        $entry = $this->map->entries[$what] ?? null;
        $key = $this->map->keys[$what] ?? null;

        return match (true) {
            null !== $entry && isset($this->map->routes[$entry->column]) => sprintf(
                '“%s” of “%s”',
                $this->map->columns[$entry->column]->title ?? $entry->column,
                $this->board->lines[$entry->line]->name,
            ),
            null !== $entry => sprintf('%s of “%s”', $entry->kind->value, $this->board->lines[$entry->line]->name),
            null !== $key => sprintf('%s of “%s”', $key->key->kind->value, $this->board->lineGroups[$key->group]->name ?? $key->group),
            '' !== $channel => sprintf(
                '“%s” of “%s”',
                $this->board->channels[$channel]->name ?? $channel,
                $this->board->lineGroups[$id]->name ?? $id,
            ),
            default => sprintf('“%s”', $this->board->nameOf($what)),
        };
    }
}
