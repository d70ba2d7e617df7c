<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\BoardFacts;
use IronLatch\Core\Bench\Claim;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;

/** The surfaces of a board as somebody finds them on the bench: what can be done to each, and what it shows. */
final readonly class BenchHands
{
    private BoardFacts $facts;
    private Board $board;
    private ControlMap $map;

    /**
     * @param array<string, string> $states of all parts at the moment that is looked at
     */
    public function __construct(private Course $course, private array $states)
    {
        $this->facts = $course->facts;
        $this->board = $this->facts->inspection->board;
        $this->map = $this->facts->map();
    }

    /**
     * @return list<BenchHand>
     */
    public function of(string $line): array
    {
        return array_map(
            fn(Entry $entry): BenchHand => $this->hand($entry, $this->board->lines[$line]->surfaces[$entry->surface]),
            $this->map->ofLine($line),
        );
    }

    private function hand(Entry $entry, Surface $surface): BenchHand
    {
        $kind = $entry->kind;

        return match (true) {
            SurfaceKind::SensorRule === $kind => $this->sensor($entry, $surface),
            SurfaceKind::Knob === $kind => $this->knob($entry, $surface),
            SurfaceKind::StatusLight === $kind => new BenchHand($entry->surface, 'lamp', [], BenchPart::in(
                $this->states,
                Happens::Lamp->value . ' ' . $surface->function,
                ['0' => 'dark', '1' => 'lit'],
            ), note: $this->unable($surface->function)),
            SurfaceKind::Timer === $kind => new BenchHand($entry->surface, 'timer', [], note: 'by the clock'),
            $kind->isRemote() => $this->remote($entry),
            default => $this->pressed($entry, $surface),
        };
    }

    private function name(Entry $entry): string
    {
        return sprintf('%s of %s', $entry->kind->value, $this->board->lines[$entry->line]->name);
    }

    private function unable(string $function): string
    {
        return $this->facts->unable[$function] ?? '';
    }

    private function pressed(Entry $entry, Surface $surface): BenchHand
    {
        $isSwitch = SurfaceKind::WallSwitch === $entry->kind;
        $acts = [BenchAct::of($isSwitch ? 'Throw' : 'Press', $this->name($entry), DeedKind::Press, $entry->surface)];
        if (SurfaceKind::InfraredKey === $entry->kind && null !== $surface->offCode) {
            $acts[] = BenchAct::of('Press off', $this->name($entry), DeedKind::Press, $entry->surface, 'off');
        }
        $part = $entry->kind->isByHand() ? BenchPart::in(
            $this->states,
            Happens::Contact->value . ' ' . $surface->function,
            ['0' => 'open', '1' => 'closed'],
        ) : null;

        return new BenchHand($entry->surface, $entry->kind->value, $acts, $part, note: $this->unable($surface->function));
    }

    private function knob(Entry $entry, Surface $surface): BenchHand
    {
        $selector = $this->facts->plan->selectors[$this->facts->plan->positions[$surface->function] ?? $surface->function] ?? null;
        $acts = [];
        for ($position = 0; $position < ($selector->positions ?? 0); ++$position) {
            $acts[] = BenchAct::of(
                (string) ($position + 1),
                sprintf('Position %d, %s', $position + 1, $this->name($entry)),
                DeedKind::Turn,
                $entry->surface,
                (string) $position,
            );
        }

        $stands = null === $selector ? null : $this->course->scene->knobs[$selector->id] ?? null;

        $note = $this->unable($surface->function);

        return new BenchHand(
            $entry->surface,
            'knob',
            $acts,
            note: '' === $note && null !== $stands ? sprintf('at %d', $stands + 1) : $note,
        );
    }

    private function sensor(Entry $entry, Surface $surface): BenchHand
    {
        $isNumber = null !== $surface->rule?->on() && null !== $surface->rule->off();
        $reading = $this->course->scene->readings[$surface->function] ?? null;
        $isLost = isset($this->course->scene->lostSensors[$surface->function]);
        $acts = $isNumber
            ? [BenchAct::of('Reads', $this->name($entry), DeedKind::Sensor, $entry->surface)]
            : [
                BenchAct::of('Yes', $this->name($entry), DeedKind::Sensor, $entry->surface, 'yes'),
                BenchAct::of('No', $this->name($entry), DeedKind::Sensor, $entry->surface, 'no'),
            ];
        $acts[] = BenchAct::of('Lost', $this->name($entry), DeedKind::Sensor, $entry->surface, 'lost');

        return new BenchHand(
            $entry->surface,
            $this->board->nameOf($surface->function),
            $acts,
            null,
            $isNumber ? $entry->surface : null,
            null === $reading ? '' : (string) round($reading, 2),
            $isLost ? 'says nothing' : ($isNumber || null === $reading ? '' : ($reading > 0.0 ? 'yes' : 'no')),
        );
    }

    private function remote(Entry $entry): BenchHand
    {
        $title = $this->map->columns[$entry->column]->title ?? $entry->column;
        $acts = [];
        $words = ['on' => $entry->on, 'off' => $entry->off, 'toggle' => $entry->toggle];
        foreach ($entry->direction->commands() ? $words : [] as $word => $says) {
            if ('' !== $says) {
                $acts[] = BenchAct::of(
                    'toggle' === $word ? 'Flip' : ucfirst($word),
                    sprintf('%s on %s', $this->board->lines[$entry->line]->name, $title),
                    DeedKind::Say,
                    $entry->surface,
                    $word,
                );
            }
        }
        foreach ('' === $entry->set ? [] : $entry->ranges as $step => [$least, $most]) {
            if ($step > 0) {
                $percent = intdiv($least + $most, 2);
                $acts[] = BenchAct::of(
                    $percent . ' %',
                    sprintf('%s on %s', $this->board->lines[$entry->line]->name, $title),
                    DeedKind::Say,
                    $entry->surface,
                    (string) $percent,
                );
            }
        }

        return new BenchHand($entry->surface, $title, $acts, $entry->direction->tellsState() ? $this->shown($entry) : null);
    }

    private function shown(Entry $entry): BenchPart
    {
        $isSensed = null !== ($this->facts->plan->lines[$entry->line]->sense ?? null);
        [$on, $off] = $isSensed ? [Claim::On, Claim::Off] : [Claim::ToldOn, Claim::ToldOff];
        $words = ['?' => 'shows: ' . Claim::Unknown->value, '0' => 'shows: ' . $off->value];
        $top = $this->facts->plan->lines[$entry->line]->top();
        for ($step = 1; $step <= $top; ++$step) {
            $words[(string) $step] = 'shows: ' . ($top > 1 ? sprintf('step %d', $step) : $on->value);
        }

        return BenchPart::in($this->states, Happens::Shown->value . ' ' . $entry->surface, $words);
    }

    /**
     * What acts on several lines at once: keys, and names on channels.
     *
     * @return list<BenchHand>
     */
    public function groups(): array
    {
        $hands = [];
        foreach ($this->map->keys as $id => $key) {
            $name = $this->board->lineGroups[$key->group]->name;
            $hands[] = new BenchHand(
                $id,
                sprintf('%s, %s', $name, $key->key->kind->value),
                [BenchAct::of('Press', sprintf('%s of %s', $key->key->kind->value, $name), DeedKind::Press, $id)],
                note: $this->unable($key->key->function),
            );
        }
        foreach ($this->map->groups as $entry) {
            $name = $this->board->lineGroups[$entry->group]->name;
            $title = $this->map->columns[$entry->column]->title;
            $what = $entry->group . '@' . $entry->column;
            $acts = [];
            foreach (['on' => $entry->on, 'off' => $entry->off] as $word => $says) {
                if ('' !== $says) {
                    $acts[] = BenchAct::of(ucfirst($word), sprintf('%s on %s', $name, $title), DeedKind::Say, $what, $word);
                }
            }
            $hands[] = new BenchHand($what, sprintf('%s, %s', $name, $title), $acts);
        }

        return $hands;
    }
}
