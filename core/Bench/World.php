<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Control\Outage;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Program\Act;
use IronLatch\Core\Program\Effect;
use IronLatch\Core\Program\EffectKind;
use IronLatch\Core\Program\Kept;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\Presence;
use IronLatch\Core\Program\Program;
use IronLatch\Core\Program\Usual;
use IronLatch\Core\Program\Wish;

/**
 * The world around a program: event after event, each in its moment, the same from the same seed. It has no state of its own; all that
 * changes is in the Scene that it is handed.
 */
final readonly class World
{
    /** Whoever stands in one moment for so many events has come into a circle. */
    private const MOST_EVENTS = 2_000_000;

    private Board $board;
    private Coils $coils;
    private Hands $hands;
    private Ways $ways;
    private ChipLife $chip;
    /** @var array<string, array{string, Surface}> line and surface, by id */
    private array $surfaces;
    /** @var array<string, string> line by the channel and the address under which its state is told */
    private array $told;
    /** @var array<string, Outage> everything that can be gone, by key */
    private array $outages;
    private int $watchdogMicros;

    public function __construct(public BoardFacts $facts)
    {
        $this->board = $facts->inspection->board;
        $this->coils = new Coils($facts);
        $this->hands = new Hands($facts);
        $this->ways = new Ways($facts);
        $this->chip = new ChipLife($facts, $this->coils);
        $surfaces = $told = [];
        foreach ($this->board->lines as $line => $one) {
            foreach ($one->surfaces as $id => $surface) {
                $surfaces[$id] = [$line, $surface];
            }
        }
        foreach ($facts->plan->channels as $channel) {
            foreach ($channel->messages as $message) {
                if ('' !== $message->state) {
                    $told[$channel->id . ' ' . $message->state] = $message->act->target;
                }
            }
        }
        $all = Outages::of($facts->map())->all;
        $this->outages = array_combine(array_map(static fn(Outage $one): string => $one->key(), $all), $all);
        $this->surfaces = $surfaces;
        $this->told = $told;
        $this->watchdogMicros = Micros::of($this->board->program->watchdogSeconds->value ?? Usual::WATCHDOG_SECONDS);
    }

    /** The board without power, everything at rest. */
    public function dark(int $seed): Scene
    {
        $scene = new Scene($seed);
        foreach (array_keys($this->board->rails) as $rail) {
            $source = $this->facts->sourceOf[$rail];
            // What no mains feeds, such as a battery, is simply there.
            $scene->sources[$source] = !isset($this->facts->sources[$source]);
        }
        foreach ($this->facts->plan->sensors as $sensor) {
            $scene->readings[$sensor->function] = $this->facts->restingReading($sensor->function);
        }

        return $scene;
    }

    /** Mains comes: sources rise, the controller starts, appliances whose contacts are closed run. */
    public function mainsComes(Scene $scene, int $cause): void
    {
        if ($scene->hasMains) {
            return;
        }
        $scene->hasMains = true;
        ++$scene->cuts;
        $id = $scene->note(Happens::Mains, '', '1', 'Mains comes.', $cause);
        foreach ($this->facts->sources as $rail => $source) {
            $scene->later(new Pending($scene->now + $source->startMicros, 'source', $rail, $id, number: $scene->cuts));
        }
        $root = $this->facts->sourceOf[$this->board->mcu->rail];
        if (!isset($this->facts->sources[$root]) && 'off' === $scene->chip) {
            $scene->later(new Pending($scene->now, 'begin', '', $id, number: $scene->starts));
        }
        $this->coils->lookAtAll($scene, $id);
    }

    public function mainsGoes(Scene $scene, int $cause): void
    {
        if (!$scene->hasMains) {
            return;
        }
        $scene->hasMains = false;
        ++$scene->cuts;
        $id = $scene->note(Happens::Mains, '', '0', 'Mains is gone.', $cause);
        foreach ($this->facts->sources as $rail => $source) {
            foreach ($source->releaseMicros as $behind => $micros) {
                $scene->later(new Pending($scene->now + $micros, 'release', $behind, $id, number: $scene->cuts));
            }
            if (null !== $source->resetMicros) {
                $scene->later(new Pending($scene->now + $source->resetMicros, 'fade', $rail, $id, number: $scene->cuts));
            }
        }
        $this->coils->lookAtAll($scene, $id);
    }

    /** How warm what heats on a line is, as a share of what it comes to. */
    public function warmth(Scene $scene, string $line): float
    {
        return $this->coils->warmth($scene, $line);
    }

    /** Whether the inside of an appliance is live; null where that is not known. */
    public function isLive(Scene $scene, string $line): ?bool
    {
        return $this->coils->isLive($scene, $line);
    }

    /** What a surface lets somebody believe of its appliance. */
    public function claim(Scene $scene, string $surface): Claim
    {
        return $this->ways->claim($scene, $surface);
    }

    /** Goes on to a moment, event by event. */
    public function runTo(Scene $scene, int $until): void
    {
        for ($events = 0; $events < self::MOST_EVENTS; ++$events) {
            $next = $scene->next();
            $program = $scene->isHung ? null : $scene->program;
            $due = $program?->due();
            if (null !== $program && null !== $due && $due <= $until && (null === $next || $due < $next->at)) {
                $scene->now = max($scene->now, $due);
                $this->effects($scene, $program->pass($scene->now));
                continue;
            }
            if (null === $next || $next->at > $until) {
                break;
            }
            $scene->take();
            $scene->now = max($scene->now, $next->at);
            $this->happens($scene, $next);
        }
        $scene->now = max($scene->now, $until);
    }

    /** When something happens next; null when nothing does any more. */
    public function nextAt(Scene $scene): ?int
    {
        $next = $scene->next()?->at;
        $due = $scene->isHung ? null : $scene->program?->due();

        return null === $next || null === $due ? $next ?? $due : min($next, $due);
    }

    /** In one piece: a table from what was put off to who does it. */
    private function happens(Scene $scene, Pending $it): void
    {
        match ($it->what) {
            'deed' => null === $it->deed ? null : $this->deed($scene, $it->deed),
            'contact' => $this->contact($scene, $it->subject, $it->on, $it->cause),
            'moves' => $this->hands->moves($scene, $it->subject, $it->on, $it->cause),
            'edge' => $this->edge($scene, $it->subject, $it->number, $it->cause),
            'repeat' => $this->hands->frame($scene, $it->subject, null, $scene->now, $it->cause),
            'phase' => $this->chip->phase($scene, (int) $it->subject, $it->number, $it->cause),
            'output' => $this->chip->output($scene, $it->number, $it->cause),
            'run' => $this->chip->run($scene, $it->number, $it->cause),
            'begin' => $it->number === $scene->starts ? $this->chip->begin($scene, $it->cause) : null,
            'effects' => $this->effects($scene, $it->effects),
            'armature' => $this->coils->arrives($scene, $it),
            'brown-out' => $it->number === $scene->starts ? $this->brownsOut($scene, $it->cause) : null,
            'source' => $it->number === $scene->cuts ? $this->source($scene, $it->subject, $it->cause) : null,
            'fade' => $it->number === $scene->cuts ? $this->fade($scene, $it->subject, $it->cause) : null,
            'release' => $it->number === $scene->cuts ? $this->releaseRail($scene, $it->subject, $it->cause) : null,
            'hop' => $this->ways->hop($scene, $it),
            'arrive' => $this->ways->arrive($scene, $this, $it),
            'shown' => $this->ways->shown($scene, $it),
            'link' => $it->number === $scene->starts ? $this->link($scene, $it) : null,
            'noticed' => $this->noticed($scene, $it),
            'will' => ($scene->links[$it->subject] ?? false) ? null : $this->ways->forgets($scene, $it->subject, $it->cause),
            'sensor' => $this->reading($scene, $it),
            'message', 'ladder', 'sense', 'time' => $this->tellProgram($scene, $it),
            'look' => $this->lookAgain($scene, $it->cause),
            'watchdog' => $it->number === $scene->starts && $scene->isHung ? $this->chip->dies($scene, false, $it->cause) : null,
            default => throw new \LogicException(sprintf('Nothing happens as “%s”.', $it->what)),
        };
    }

    /** In one piece: a table from what is done to what it does. */
    public function deed(Scene $scene, Deed $deed): void
    {
        $id = $scene->note(
            DeedKind::Weld === $deed->do || DeedKind::Hang === $deed->do ? Happens::Planted : Happens::Hand,
            $deed->what,
            $deed->value,
            fn(): string => (new DeedWords($this->board, $this->facts->map()))->of($deed),
            0,
        );
        match ($deed->do) {
            DeedKind::Press => $this->press($scene, $deed, $id),
            DeedKind::Close, DeedKind::Open => $this->hands->moves(
                $scene,
                $this->functionOf($deed->what),
                DeedKind::Close === $deed->do,
                $id,
            ),
            DeedKind::Turn => $this->hands->turns($scene, $this->selectorOf($deed->what), (int) $deed->value, $id),
            DeedKind::Say => $this->say($scene, $deed, $id),
            DeedKind::Command => $this->command($scene, $deed, $id),
            DeedKind::Sensor => $this->sensor($scene, $deed, $id),
            DeedKind::Outage => $this->outage($scene, $deed->what, true, $id),
            DeedKind::Back => $this->outage($scene, $deed->what, false, $id),
            DeedKind::CutMains => $this->mainsGoes($scene, $id),
            DeedKind::MainsBack => $this->mainsComes($scene, $id),
            DeedKind::Lose => $scene->toLose[$deed->what] = ($scene->toLose[$deed->what] ?? 0) + 1,
            DeedKind::Weld => $this->weld($scene, $deed->what, $id),
            DeedKind::Hang => $this->hang($scene, $id),
            DeedKind::OtherSwitch => $this->otherSwitch($scene, $deed->what, $id),
        };
    }

    /** Whether there is what something is to be done to. */
    public function knows(Deed $deed): bool
    {
        $map = $this->facts->map();
        [$group, $channel] = [...explode('@', $deed->what, 2), ''];

        return match ($deed->do) {
            DeedKind::Press, DeedKind::Close, DeedKind::Open, DeedKind::Sensor => isset(
                $this->board->functions[$this->functionOf($deed->what)],
            ),
            DeedKind::Turn => isset($this->facts->plan->selectors[$this->selectorOf($deed->what)]),
            DeedKind::Say => isset($map->routes[$map->entries[$deed->what]->column ?? '']) || [] !== $map->groupsAt($group, $channel),
            DeedKind::Outage, DeedKind::Back => isset($this->outages[$deed->what]),
            DeedKind::Lose => isset($map->routes[$deed->what]),
            DeedKind::Weld => isset($this->facts->relays[$deed->what]),
            DeedKind::OtherSwitch, DeedKind::Command => isset($this->board->lines[$deed->what]),
            DeedKind::CutMains, DeedKind::MainsBack, DeedKind::Hang => true,
        };
    }

    private function press(Scene $scene, Deed $deed, int $cause): void
    {
        $micros = Micros::of($deed->for ?? Customary::PRESS_SECONDS);
        $key = $this->facts->map()->keys[$deed->what]->key ?? null;
        [$kind, $function, $code] = match (true) {
            null !== $key => [$key->kind, $key->function, $key->code],
            isset($this->surfaces[$deed->what]) => [
                $this->surfaces[$deed->what][1]->kind,
                $this->surfaces[$deed->what][1]->function,
                'off' === $deed->value ? $this->surfaces[$deed->what][1]->offCode : $this->surfaces[$deed->what][1]->code,
            ],
            default => [SurfaceKind::PushButton, $deed->what, null],
        };
        if (SurfaceKind::InfraredKey === $kind) {
            if (null === $code) {
                $scene->note(Happens::Lost, $deed->what, 'no code', 'No key is assigned to it.', $cause);

                return;
            }
            $this->hands->key($scene, $function, $code, $micros, $cause);

            return;
        }
        if (SurfaceKind::WallSwitch === $kind) {
            // A maintained switch is moved to its other position, and stays there.
            $this->hands->moves($scene, $function, !($scene->contacts[$function] ?? false), $cause);

            return;
        }
        $this->hands->moves($scene, $function, true, $cause);
        $scene->later(new Pending($scene->now + $micros, 'moves', $function, $cause, on: false));
    }

    private function command(Scene $scene, Deed $deed, int $cause): void
    {
        $program = $scene->isHung ? null : $scene->program;
        if (null !== $program && isset($this->board->lines[$deed->what])) {
            $wish = match ($deed->value) {
                'off' => Wish::Off,
                'toggle' => Wish::Toggle,
                default => ctype_digit($deed->value) ? Wish::Step : Wish::On,
            };
            $act = new Act($deed->what, $wish, Presence::Here, '', (int) $deed->value);
            $this->effects($scene, $program->act($act, $scene->now, $cause));
        }
    }

    private function functionOf(string $what): string
    {
        return $this->surfaces[$what][1]->function ?? $this->facts->map()->keys[$what]->key->function ?? $what;
    }

    private function selectorOf(string $what): string
    {
        $function = $this->functionOf($what);

        return $this->facts->plan->positions[$function] ?? $function;
    }

    private function say(Scene $scene, Deed $deed, int $cause): void
    {
        if (str_contains($deed->what, '@')) {
            [$group, $channel] = explode('@', $deed->what, 2);
            $entry = $this->facts->map()->groupsAt($group, $channel)[0] ?? null;
        } else {
            $entry = $this->facts->map()->entries[$deed->what] ?? null;
        }
        if (null === $entry || !isset($this->facts->map()->routes[$entry->column])) {
            $scene->note(Happens::Lost, $deed->what, 'nobody', sprintf('Nothing can be said to “%s”.', $deed->what), $cause);

            return;
        }
        $this->ways->say($scene, $entry, $deed->value, $cause);
    }

    private function sensor(Scene $scene, Deed $deed, int $cause): void
    {
        $function = $this->functionOf($deed->what);
        if ('' === $deed->value) {
            $scene->lostSensors[$function] = true;
        } else {
            unset($scene->lostSensors[$function]);
            $scene->readings[$function] = is_numeric($deed->value) ? (float) $deed->value : ('yes' === $deed->value ? 1.0 : 0.0);
        }
        $scene->later(
            new Pending($scene->now + Micros::of(Customary::READING_SECONDS), 'sensor', $function, $cause, number: $scene->starts),
        );
    }

    /** The program reads a sensor; one on a pin that cannot read says nothing. */
    private function reading(Scene $scene, Pending $it): void
    {
        if ($it->number !== $scene->starts || null === $scene->program || $scene->isHung || $this->isBusy($scene, $it)) {
            return;
        }
        $function = $it->subject;
        $isDumb = isset($scene->lostSensors[$function]) || !isset($this->facts->pins[$function]);
        $value = $isDumb ? null : $scene->readings[$function] ?? null;
        $id = $scene->note(Happens::Sensor, $function, null === $value ? '?' : (string) $value, fn(): string => sprintf(
            '“%s” %s.',
            $this->board->nameOf($function),
            null === $value ? 'says nothing' : 'says ' . $value,
        ), $it->cause);
        $this->effects($scene, $scene->program->sensor($function, $value, $scene->now, $id));
    }

    private function outage(Scene $scene, string $key, bool $begins, int $cause): void
    {
        if ($begins === isset($scene->outage[$key])) {
            return;
        }
        $outage = $this->outages[$key] ?? null;
        if (null === $outage) {
            $scene->note(Happens::Outage, $key, 'unknown', sprintf('Nothing here can be gone as “%s”.', $key), $cause);

            return;
        }
        $whole = $this->ways->whole($scene);
        if ($begins) {
            $scene->outage[$key] = $outage;
        } else {
            unset($scene->outage[$key]);
        }
        $id = $scene->note(
            Happens::Outage,
            $key,
            $begins ? 'gone' : 'back',
            fn(): string => ucfirst($outage->words()) . ($begins ? '.' : ': it is back.'),
            $cause,
        );
        if (!$begins) {
            $this->ways->refresh($scene, $whole, $id);

            return;
        }
        foreach ($this->facts->plan->channels as $channel => $plan) {
            if ($plan->connects && ($scene->links[$channel] ?? false) && !$this->ways->isThere($scene, $channel)) {
                $scene->later(new Pending($scene->now + $this->ways->noticedAfter($scene, $channel), 'noticed', $channel, $id));
                $scene->later(new Pending($scene->now + Micros::of(Customary::WILL_SECONDS), 'will', $channel, $id));
            }
        }
    }

    /** The board notices that the other end is gone, unless it is back by then. */
    private function noticed(Scene $scene, Pending $it): void
    {
        if (($scene->links[$it->subject] ?? false) && !$this->ways->isThere($scene, $it->subject)) {
            $this->link($scene, new Pending($scene->now, 'link', $it->subject, $it->cause, $scene->starts));
        }
    }

    /** An attempt to reach a channel begins. */
    private function connect(Scene $scene, string $channel, int $cause): void
    {
        $isThere = $this->ways->isThere($scene, $channel);
        $block = $this->facts->plan->channels[$channel]->blockMicros;
        if ($block > 0 && !$isThere) {
            $scene->note(Happens::Waits, $channel, (string) Micros::seconds($block), fn(): string => sprintf(
                'The program waits %.1f s for “%s” and hears nothing meanwhile.',
                Micros::seconds($block),
                $this->board->channels[$channel]->name,
            ), $cause);
        }
        $isFirst = !isset($scene->links[$channel]);
        $after = $isThere
            ? Micros::of($isFirst ? Customary::JOIN_SECONDS : Customary::REJOIN_SECONDS)
            : max($block, Micros::of(Customary::ATTEMPT_SECONDS));
        $scene->later(new Pending($scene->now + $after, 'link', $channel, $cause, number: $scene->starts, on: $isThere));
    }

    private function link(Scene $scene, Pending $it): void
    {
        $channel = $it->subject;
        $up = $it->on && $this->ways->isThere($scene, $channel);
        // What it waits for it hears at once, and looks at its contacts again.
        $program = $scene->isHung ? null : $scene->program;
        if (null === $program || !$up && $this->isBusy($scene, $it)) {
            return;
        }
        if ($up && $program->busyUntil() > $scene->now) {
            $scene->later(new Pending($scene->now, 'look', '', $it->cause));
        }
        $was = $scene->links[$channel] ?? false;
        $scene->links[$channel] = $up;
        $id = $was === $up ? $it->cause : $scene->note(Happens::Link, $channel, $up ? '1' : '0', fn(): string => sprintf(
            $up ? 'The board reaches “%s”.' : 'The board no longer reaches “%s”.',
            $this->board->channels[$channel]->name,
        ), $it->cause);
        $this->effects($scene, $program->linked($channel, $up, $scene->now, $id));
        if ($up && !$was) {
            $this->chip->tellTime($scene, $id, ClockSource::Network);
        }
    }

    /** While the program waits nothing is heard: it is put off until it listens again. */
    private function isBusy(Scene $scene, Pending $it): bool
    {
        $until = $scene->program?->busyUntil() ?? 0;
        if ($until <= $scene->now) {
            return false;
        }
        $scene->later($it->at($until));

        return true;
    }

    private function contact(Scene $scene, string $function, bool $closed, int $cause): void
    {
        if (($scene->contacts[$function] ?? false) === $closed) {
            return;
        }
        $scene->contacts[$function] = $closed;
        $id = $scene->note(
            Happens::Contact,
            $function,
            $closed ? '1' : '0',
            fn(): string => sprintf('“%s” %s.', $this->board->nameOf($function), $closed ? 'closes' : 'opens'),
            $cause,
        );
        if (null === $scene->program || $scene->isHung || !$this->hands->works($function)) {
            return;
        }
        if ($scene->program->busyUntil() > $scene->now) {
            $scene->later(new Pending($scene->program->busyUntil(), 'look', '', $id));

            return;
        }
        $this->effects($scene, $scene->program->contact($function, $closed, $scene->now, $id));
    }

    /** The program has waited, and looks at its contacts again: what came and went meanwhile it has not seen. */
    private function lookAgain(Scene $scene, int $cause): void
    {
        $program = $scene->isHung ? null : $scene->program;
        if (null === $program || $program->busyUntil() > $scene->now) {
            return;
        }
        foreach ($scene->contacts as $function => $closed) {
            if ($this->hands->works($function)) {
                $this->effects($scene, $program->contact($function, $closed, $scene->now, $cause));
            }
        }
    }

    private function brownsOut(Scene $scene, int $cause): void
    {
        if ('running' === $scene->chip) {
            $this->chip->dies($scene, false, $cause);
        }
    }

    private function edge(Scene $scene, string $receiver, int $more, int $cause): void
    {
        $was = ($scene->carriers[$receiver] ?? 0) > 0;
        $scene->carriers[$receiver] = ($scene->carriers[$receiver] ?? 0) + $more;
        $is = $scene->carriers[$receiver] > 0;
        $program = $scene->isHung || !$this->hands->works($receiver) ? null : $scene->program;
        if ($was === $is || null === $program || $program->busyUntil() > $scene->now) {
            return;
        }
        $effects = $program->edge($receiver, $is, $scene->now, $cause);
        if ([] !== $effects) {
            $this->effects($scene, $effects);
        }
    }

    public function writePin(Scene $scene, string $pin, bool $high, int $cause): void
    {
        if ('running' === $scene->chip) {
            $this->coils->pin($scene, $pin, $high, $cause);
        }
    }

    private function tellProgram(Scene $scene, Pending $it): void
    {
        $program = $scene->isHung ? null : $scene->program;
        if (null === $program || $this->isBusy($scene, $it)) {
            return;
        }
        $reads = isset($this->facts->pins[$it->subject]);
        $this->effects($scene, match ($it->what) {
            'message' => $program->message($it->subject, $it->by, $it->word, $scene->now, $it->cause),
            'ladder' => $reads ? $program->ladder($it->subject, $it->number, $scene->now, $it->cause) : [],
            'sense' => $reads ? $program->sense($it->subject, $it->on, $scene->now, $it->cause) : [],
            // A clock that is only set at each start begins at midnight.
            default => $program->time($it->on ? ($scene->week + $scene->now) % Micros::WEEK : 0, $scene->now, $it->cause),
        });
    }

    private function source(Scene $scene, string $rail, int $cause): void
    {
        $scene->sources[$rail] = true;
        $id = $scene->note(
            Happens::Rail,
            $rail,
            '1',
            fn(): string => sprintf('The rail “%s” stands.', $this->board->rails[$rail]->name),
            $cause,
        );
        if ($this->facts->sourceOf[$this->board->mcu->rail] === $rail && 'off' === $scene->chip) {
            $this->chip->begin($scene, $id);
        }
        foreach ($this->facts->relays as $relay) {
            // A pin that is driven already finds its coil fed.
            if (null !== $relay->pin && isset($scene->pins[$relay->pin]) && $this->facts->sourceOf[$relay->rail] === $rail) {
                $this->coils->coil($scene, $relay, $scene->pins[$relay->pin] === (Level::High === $relay->energisedAt), $id);
            }
        }
        $this->coils->lookAtAll($scene, $id);
    }

    private function fade(Scene $scene, string $rail, int $cause): void
    {
        $scene->sources[$rail] = false;
        $id = $scene->note(
            Happens::Rail,
            $rail,
            '0',
            fn(): string => sprintf('The rail “%s” has fallen.', $this->board->rails[$rail]->name),
            $cause,
        );
        $this->chip->dies($scene, true, $id);
        $this->coils->railGone($scene, $rail, $id);
    }

    private function releaseRail(Scene $scene, string $rail, int $cause): void
    {
        $source = $this->facts->sourceOf[$rail];
        $scene->sources[$source] = false;
        $this->coils->railGone($scene, $source, $cause);
        $this->coils->lookAtAll($scene, $cause);
    }

    private function weld(Scene $scene, string $relay, int $cause): void
    {
        if (isset($this->facts->relays[$relay])) {
            $scene->welded[$relay] = true;
            $this->coils->look($scene, $this->facts->relays[$relay]->line, $cause);
        }
    }

    private function hang(Scene $scene, int $cause): void
    {
        $scene->isHung = true;
        if ($this->watchdogMicros > 0) {
            $scene->later(new Pending($scene->now + $this->watchdogMicros, 'watchdog', '', $cause, number: $scene->starts));
        }
    }

    private function otherSwitch(Scene $scene, string $line, int $cause): void
    {
        $scene->otherSwitch[$line] = !($scene->otherSwitch[$line] ?? false);
        if (isset($this->board->lines[$line])) {
            $this->coils->look($scene, $line, $cause);
        }
    }

    /**
     * @param list<Effect> $effects
     */
    private function effects(Scene $scene, array $effects): void
    {
        foreach ($effects as $effect) {
            match ($effect->kind) {
                EffectKind::Output => $this->chip->level($scene, $effect->subject, $effect->on, $effect->cause),
                EffectKind::Lamp => $this->lamp($scene, $effect),
                EffectKind::Connect => $this->connect($scene, $effect->subject, $effect->cause),
                EffectKind::Tell => $this->told($scene, $effect),
                EffectKind::Keep => $this->keep($scene, $effect),
                EffectKind::Refuse => $scene->note(
                    Happens::Refused,
                    $effect->subject,
                    '',
                    fn(): string => sprintf('Not done for “%s”: %s.', $this->board->nameOf($effect->subject), $effect->says),
                    $effect->cause,
                ),
                EffectKind::Wait => $scene->note(
                    Happens::Waits,
                    $effect->subject,
                    '',
                    fn(): string => sprintf('“%s” waits %s.', $this->board->nameOf($effect->subject), $effect->says),
                    $effect->cause,
                ),
                EffectKind::Ignore => $scene->note(
                    Happens::Ignored,
                    $effect->subject,
                    $effect->to,
                    fn(): string => ucfirst($effect->says) . '.',
                    $effect->cause,
                ),
                EffectKind::Alarm => $scene->note(
                    Happens::Alarm,
                    $effect->subject,
                    '1',
                    fn(): string => ucfirst($effect->says) . '.',
                    $effect->cause,
                ),
            };
        }
    }

    private function lamp(Scene $scene, Effect $effect): void
    {
        if (!isset($this->facts->pins[$effect->subject])) {
            return;
        }
        $scene->lamps[$effect->subject] = $effect->on;
        $scene->note(
            Happens::Lamp,
            $effect->subject,
            $effect->on ? '1' : '0',
            fn(): string => sprintf('“%s” %s.', $this->board->nameOf($effect->subject), $effect->on ? 'is lit' : 'goes out'),
            $effect->cause,
        );
    }

    private function told(Scene $scene, Effect $effect): void
    {
        $id = $scene->note(
            Happens::Told,
            $effect->subject,
            $effect->says,
            fn(): string => sprintf(
                'On “%s” the board tells %s: %s.',
                $this->board->channels[$effect->subject]->name,
                $effect->to,
                $effect->says,
            ),
            $effect->cause,
        );
        $line = $this->told[$effect->subject . ' ' . $effect->to] ?? null;
        if (null !== $line && null !== $scene->program) {
            $this->ways->tell($scene, $effect->subject, $effect->to, $line, $scene->program->told($line) ?? 0, $id);
        }
    }

    private function keep(Scene $scene, Effect $effect): void
    {
        $scene->flash = new Kept($effect->steps, $scene->flash->resets);
        $scene->note(Happens::Kept, '', implode(' ', $effect->steps), 'The state of the lines is written into memory.', $effect->cause);
    }
}
