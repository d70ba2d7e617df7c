<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\LampTells;

/**
 * What the program of a board does, as a state machine without any clock of its own: it is told what happens and when, and says what it
 * does about it. It is the specification that every other form of the program is held against.
 *
 * Time is in microseconds of one clock that only goes forward; `$cause` is a number that the caller gives to an event, and finds again
 * at everything that followed from it, however much later.
 */
final class Program
{
    private readonly LineMachine $lines;
    private readonly Inputs $inputs;
    private readonly Rules $rules;
    private readonly Links $links;

    private function __construct(public readonly ProgramPlan $plan, private Memory $memory)
    {
        $this->lines = new LineMachine($plan);
        $this->inputs = new Inputs($plan, $this->lines);
        $this->rules = new Rules($plan, $this->lines);
        $this->links = new Links($plan, $this->lines);
    }

    public function __clone()
    {
        $this->memory = clone $this->memory;
    }

    /**
     * A program that has just got its pins: everything is off, then comes back what shall come back.
     *
     * @param array<string, bool> $closed contacts that are closed at this moment, by function
     * @param int $seed of its few chances
     * @return array{self, list<Effect>}
     */
    public static function started(ProgramPlan $plan, Kept $kept, array $closed, int $now, int $cause, int $seed): array
    {
        $memory = new Memory($seed);
        $program = new self($plan, $memory);
        [$memory->now, $memory->cause, $memory->startedAt] = [$now, $cause, $now];
        $memory->settled = $memory->raw = $closed;
        $memory->resets = $kept->resets;
        $memory->kept = $kept->steps;
        foreach ($plan->lines as $id => $line) {
            [$memory->wanted[$id], $memory->step[$id], $memory->openedAt[$id]] = [0, 0, $now];
            $memory->last[$id] = 0;
            foreach ($line->outputs as $output) {
                $program->lines->drive($memory, $output, false);
            }
        }
        if ($memory->resets >= Usual::RESETS) {
            $memory->isHalted = true;
            $memory->effect(EffectKind::Alarm, '', says: 'started anew too often: everything stays off');
        }
        $memory->later('quiet', $now + Micros::of(Usual::QUIET_SECONDS));
        $program->lines->restore($memory, $kept, $closed);
        $program->links->begin($memory);

        return [$program, $program->done()];
    }

    /** When the program does something next without being asked; null when it only waits. */
    public function due(): ?int
    {
        $due = null;
        foreach ($this->memory->due as [$at]) {
            $due = null === $due || $at < $due ? $at : $due;
        }

        return null === $due ? null : max($due, $this->memory->busyUntil);
    }

    /** Until when it waits for a connection, and hears nothing: contacts are looked at again after that, edges are lost. */
    public function busyUntil(): int
    {
        return $this->memory->busyUntil;
    }

    /**
     * Does all that is due by now, in its order.
     *
     * @return list<Effect>
     */
    public function pass(int $now): array
    {
        while (true) {
            $next = null;
            foreach ($this->memory->due as $what => [$at]) {
                if ($at <= $now && (null === $next || $at < $this->memory->due[$next][0])) {
                    $next = $what;
                }
            }
            if (null === $next) {
                break;
            }
            [$at, $cause] = $this->memory->due[$next];
            unset($this->memory->due[$next]);
            $this->memory->now = max($at, $this->memory->busyUntil, $this->memory->now);
            $this->memory->cause = $cause;
            $this->fallsDue($next);
            $this->links->tellAll($this->memory);
        }
        $this->memory->now = max($now, $this->memory->now);

        return $this->done();
    }

    private function fallsDue(string $what): void
    {
        $memory = $this->memory;
        [$kind, $id] = [...explode(':', $what, 2), ''];
        match ($kind) {
            'line' => $this->lines->settle($memory, $this->plan->lines[$id]),
            'run' => $this->stop($id),
            'pulse' => $this->lines->set($memory, $id, false),
            'weld' => $this->weldLooked($id),
            'contact' => $this->inputs->settled($memory, $id),
            'gap' => $this->inputs->gap($memory, $id),
            'key' => $this->inputs->keyReleased($memory, $id),
            'rule' => $this->rules->decide($memory, $id),
            'timer' => $this->rules->timeCame($memory, $id),
            'retry' => $this->links->attempt($memory, $id),
            'keep' => $this->keep(),
            'quiet' => $memory->resets = 0,
            default => throw new \LogicException(sprintf('Nothing falls due as “%s”.', $what)),
        };
    }

    private function stop(string $line): void
    {
        $this->memory->effect(EffectKind::Refuse, $line, says: 'its running time is over');
        $this->lines->want($this->memory, $this->plan->lines[$line], 0);
    }

    /**
     * A contact has closed or opened, bounce included.
     *
     * @return list<Effect>
     */
    public function contact(string $function, bool $closed, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->inputs->moved($this->memory, $function, $closed);

        return $this->done();
    }

    /**
     * The position of a knob with a ladder of resistors, as it is read.
     *
     * @return list<Effect>
     */
    public function ladder(string $function, int $position, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->inputs->turned($this->memory, $function, $position);

        return $this->done();
    }

    /**
     * The carrier of an infrared remote begins or ends, as a receiver sees it.
     *
     * @return list<Effect>
     */
    public function edge(string $receiver, bool $mark, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $decoder = $this->memory->decoders[$receiver] ??= new InfraredDecoder();
        $code = $decoder->edge($now, $mark);
        if (null !== $code) {
            $this->inputs->key($this->memory, $receiver, $code);
        }

        return $this->done();
    }

    /**
     * Somebody asks for something at the bench itself.
     *
     * @return list<Effect>
     */
    public function act(Act $act, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->lines->act($this->memory, $act);

        return $this->done();
    }

    /**
     * A message arrives.
     *
     * @return list<Effect>
     */
    public function message(string $channel, string $to, string $says, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->links->hear($this->memory, $channel, $to, $says);

        return $this->done();
    }

    /**
     * The other end of a channel is reached, or gone.
     *
     * @return list<Effect>
     */
    public function linked(string $channel, bool $up, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->links->changed($this->memory, $channel, $up);

        return $this->done();
    }

    /**
     * A sensor was read.
     *
     * @param ?float $value °C or %; 0 and 1 of one that says yes or no; null when it says nothing, or nothing that can be
     * @return list<Effect>
     */
    public function sensor(string $function, ?float $value, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->rules->read($this->memory, $function, $value);

        return $this->done();
    }

    /**
     * What is sensed behind a contact.
     *
     * @return list<Effect>
     */
    public function sense(string $function, bool $on, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $line = $this->plan->senses[$function] ?? null;
        if (null !== $line) {
            $this->memory->sensed[$line] = $on;
            if (!$on) {
                unset($this->memory->welded[$line]);
            } elseif (0 === $this->memory->step[$line] && !$this->plan->lines[$line]->isTwoWay) {
                $this->memory->due['weld:' . $line] ??= [$now + Micros::of(Usual::WELD_ALARM_SECONDS), $cause];
            }
        }

        return $this->done();
    }

    /**
     * The time of the week becomes known.
     *
     * @param int $weekMicros from Monday 00:00
     * @return list<Effect>
     */
    public function time(int $weekMicros, int $now, int $cause): array
    {
        $this->at($now, $cause);
        $this->rules->timeKnown($this->memory, $weekMicros);

        return $this->done();
    }

    /** The step of a line whose contacts are told to be closed, 0 for off. */
    public function step(string $line): int
    {
        return $this->memory->step[$line];
    }

    public function wanted(string $line): int
    {
        return $this->memory->wanted[$line];
    }

    /** What everybody was last told of a line: a step, 0 for off; null while nobody was told anything. */
    public function told(string $line): ?int
    {
        return $this->memory->told[$line] ?? null;
    }

    public function isLinked(string $channel): bool
    {
        return $this->memory->linked[$channel] ?? false;
    }

    /** How often it has started anew without ten quiet minutes between. */
    public function resets(): int
    {
        return $this->memory->resets;
    }

    private function at(int $now, int $cause): void
    {
        $this->memory->now = $now;
        $this->memory->cause = $cause;
    }

    private function weldLooked(string $line): void
    {
        if (true === ($this->memory->sensed[$line] ?? null) && 0 === $this->memory->step[$line]) {
            $this->memory->welded[$line] = true;
            $this->memory->effect(EffectKind::Alarm, $line, says: 'it is on though it is told to be off');
        }
    }

    private function keep(): void
    {
        $this->memory->kept = $this->memory->wanted;
        $this->memory->effects[] = new Effect(EffectKind::Keep, '', true, '', '', $this->memory->cause, $this->memory->kept);
    }

    /**
     * Tells everybody what has changed, lights what is to be lit, and hands over what was done.
     *
     * @return list<Effect>
     */
    private function done(): array
    {
        $memory = $this->memory;
        $this->links->tellAll($memory);
        if ($memory->wanted !== $memory->kept && $memory->wanted !== $memory->pending) {
            $memory->pending = $memory->wanted;
            $memory->later('keep', $memory->now + $this->plan->keepMicros);
        } elseif ($memory->wanted === $memory->kept) {
            $memory->pending = null;
            $memory->forget('keep');
        }
        foreach ($this->plan->lamps as $function => $lamp) {
            $lit = match ($lamp->tells) {
                LampTells::Line => ($this->links->state($memory, $lamp->line)) > 0,
                LampTells::Connected => $this->links->isWhole($memory),
                LampTells::Alarm => [] !== $memory->welded || $memory->isHalted,
                LampTells::Alive => true,
            };
            if (($memory->lit[$function] ?? false) !== $lit) {
                $memory->lit[$function] = $lit;
                $memory->effect(EffectKind::Lamp, $function, $lit);
            }
        }
        $effects = $memory->effects;
        $memory->effects = [];

        return $effects;
    }
}
