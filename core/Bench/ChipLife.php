<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Catalogue\BootPhase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Drive\Circuit\Movement;
use IronLatch\Core\Program\Kept;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\Program;

/** The controller from the moment power arrives: phases of starting up, straps, resets, and the program that runs in it. */
final readonly class ChipLife
{
    public function __construct(private BoardFacts $facts, private Coils $coils) {}

    /** Power is good, or a reset is over: the phases follow each other. */
    public function begin(Scene $scene, int $cause): void
    {
        $start = ++$scene->starts;
        $scene->chip = 'starting';
        $scene->program = null;
        $scene->isHung = false;
        $at = $scene->now;
        foreach ($this->facts->boot as $place => [, $micros]) {
            $scene->later(new Pending($at, 'phase', (string) $place, $cause, number: $start));
            $at += $micros;
        }
        $scene->later(new Pending($at, 'output', '', $cause, number: $start));
    }

    public function phase(Scene $scene, int $place, int $start, int $cause): void
    {
        if ($start !== $scene->starts || 'starting' !== $scene->chip) {
            return;
        }
        $phase = $this->facts->boot[$place][0];
        $id = $scene->note(Happens::Phase, '', $phase->value, fn(): string => sprintf('The controller: %s.', $phase->plate()), $cause);
        if (BootPhase::Reset === $phase) {
            $why = $this->facts->wontStart ?? $this->heldStrap($scene);
            if (null !== $why) {
                $scene->chip = 'stuck';
                $scene->note(Happens::Stuck, '', 'stuck', fn(): string => sprintf('The program does not start: %s.', $why), $id);
            }
        }
        $this->film($scene, $phase, $id);
    }

    private function heldStrap(Scene $scene): ?string
    {
        foreach ($this->facts->straps as $function => $otherwise) {
            if ($scene->contacts[$function] ?? false) {
                return sprintf('“%s” is closed: %s', $this->facts->inspection->board->nameOf($function), $otherwise);
            }
        }

        return null;
    }

    /** What a phase does to the coils before any program runs. */
    private function film(Scene $scene, BootPhase $phase, int $cause): void
    {
        foreach ($this->facts->relays as $relay) {
            if (null === $relay->pin) {
                continue;
            }
            foreach ($relay->film as $moment) {
                if ($moment->phase !== $phase || $relay->onExpander && $scene->starts > 1 && ($scene->coils[$relay->id] ?? false)) {
                    continue;
                }
                $moves = match ($moment->movement) {
                    Movement::Certain => true,
                    Movement::Possible => Corner::Worst === $this->facts->corner
                        || Corner::Drawn === $this->facts->corner && $scene->chances->next() < 0.5,
                    Movement::None => false,
                };
                $this->coils->coil($scene, $relay, $moves, $cause);
            }
        }
    }

    /** The program makes outputs of its pins, then it runs. */
    public function output(Scene $scene, int $start, int $cause): void
    {
        if ($start !== $scene->starts || 'starting' !== $scene->chip) {
            return;
        }
        $this->film($scene, BootPhase::Output, $cause);
        $scene->later(new Pending($scene->now + Micros::MILLISECOND, 'run', '', $cause, number: $start));
    }

    public function run(Scene $scene, int $start, int $cause): void
    {
        if ($start !== $scene->starts || 'starting' !== $scene->chip) {
            return;
        }
        $scene->chip = 'running';
        $id = $scene->note(Happens::Runs, '', 'running', 'The program runs.', $cause);
        $closed = array_intersect_key($scene->contacts, $this->facts->pins);
        [$scene->program, $effects] = Program::started(
            $this->facts->plan,
            $scene->flash,
            $closed,
            $scene->now,
            $id,
            $scene->chances->below(0x7FFFFFFF),
        );
        // Pins that the program has not named active stand at their idle level from here on.
        foreach ($this->facts->relays as $relay) {
            $this->level($scene, $relay->function, false, $id);
        }
        $scene->later(new Pending($scene->now, 'effects', '', $id, effects: $effects));
        foreach ($this->sensorFunctions() as $function) {
            $scene->later(new Pending($scene->now + Micros::of(Customary::READING_SECONDS), 'sensor', $function, $id, number: $start));
        }
        foreach ($this->facts->plan->senses as $function => $line) {
            // What ran already while nothing listened is heard now.
            $scene->later(new Pending($scene->now, 'sense', $function, $id, on: ($scene->running[$line] ?? 0) > 0));
        }
        foreach ($this->facts->map()->routes as $channel => $route) {
            // A serial module is simply there, and so is what a service brings along to write pins with.
            $isThere = !($this->facts->plan->channels[$channel]->connects ?? true) || null !== $route->hops[0]->profile->setsPins;
            if ($isThere && null === $route->hops[0]->channel->via && !isset($this->facts->noWayIn[$channel])) {
                $scene->links[$channel] = true;
                $scene->note(
                    Happens::Link,
                    $channel,
                    '1',
                    fn(): string => sprintf('The board listens to “%s”.', $this->facts->inspection->board->channels[$channel]->name),
                    $id,
                );
            }
        }
        $this->tellTime($scene, $id, null);
    }

    /**
     * @return list<string> functions that rules read
     */
    private function sensorFunctions(): array
    {
        return array_values(
            array_unique(array_map(static fn($sensor): string => $sensor->function, array_values($this->facts->plan->sensors))),
        );
    }

    /**
     * Tells the program what time it is, where it has that from.
     *
     * @param ?ClockSource $from what has just become known; null for what is known from the start
     */
    public function tellTime(Scene $scene, int $cause, ?ClockSource $from): void
    {
        foreach ($this->facts->plan->timers as $timer) {
            $clock = $timer->schedule->clock ?? ClockSource::Own;
            if (ClockSource::Network === $clock ? ClockSource::Network === $from : null === $from) {
                $scene->later(new Pending($scene->now, 'time', '', $cause, on: ClockSource::Own !== $clock));

                return;
            }
        }
    }

    /** Whether what the program sets is active: the pin goes to the level that the board states for that. */
    public function level(Scene $scene, string $function, bool $active, int $cause): void
    {
        $pin = $this->facts->pins[$function] ?? null;
        if (null === $pin) {
            return;
        }
        $board = $this->facts->inspection->board;
        $owner = $board->actuatorOf($function);
        $level = null === $owner ? null : $board->actuator($owner)->activeLevel->value;
        $isHigh = null === $level ? true : Level::High === $level;
        $this->coils->pin($scene, $pin, $active === $isHigh, $cause);
    }

    /** The controller loses its power, or falls below what it needs. */
    public function dies(Scene $scene, bool $withPower, int $cause): void
    {
        if ('off' === $scene->chip) {
            return;
        }
        $kept = null === $scene->program ? $scene->flash->resets : $scene->program->resets() + 1;
        $scene->flash = new Kept($scene->flash->steps, $withPower ? 0 : $kept);
        $scene->chip = 'off';
        $scene->program = null;
        ++$scene->starts;
        $scene->resets += $withPower ? 0 : 1;
        $id = $scene->note(
            Happens::Reset,
            '',
            $withPower ? 'off' : 'reset',
            $withPower ? 'The controller has no power.' : 'The controller resets itself.',
            $cause,
        );
        $this->coils->release($scene, $withPower, $id);
        $scene->lamps = [];
        foreach ($scene->links as $channel => $isUp) {
            $scene->links[$channel] = false;
            if ($isUp && '' !== ($this->facts->plan->channels[$channel]->presence ?? '')) {
                $scene->later(new Pending($scene->now + Micros::of(Customary::WILL_SECONDS), 'will', $channel, $id));
            }
        }
        if (!$withPower) {
            $scene->later(new Pending($scene->now + Micros::of(Customary::DIP_SECONDS), 'begin', '', $id, number: $scene->starts));
        }
    }
}
