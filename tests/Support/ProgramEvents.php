<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Exchange\Firmware\ProgramTables;
use IronLatch\Core\Program\Effect;
use IronLatch\Core\Program\EffectKind;
use IronLatch\Core\Program\InfraredDecoder;
use IronLatch\Core\Program\Kept;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Program\Program;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Program\SelectorPlan;

/**
 * Random events for the program of a board, told to the specification and, as lines of text, to the library: both say what they do in the
 * same words.
 */
final class ProgramEvents
{
    private const REFUSALS = [
        'started anew too often' => 0, 'may never start by itself, and whoever' => 1, 'no act on a group' => 2,
        'and a group may only' => 3, 'lines may run at once' => 4, 'its running time is over' => 5,
    ];
    public readonly ProgramPlan $plan;
    public readonly ProgramTables $tables;

    public function __construct(Board $board)
    {
        $this->plan = ProgramPlan::of($board, ControlMap::of($board));
        $this->tables = ProgramTables::of($this->plan);
    }

    /**
     * @return list<ProgramEvent> in the order of time
     */
    public function random(int $seed, int $count): array
    {
        mt_srand($seed);
        $events = [$this->start(1000)];
        $now = 1000;
        $kinds = array_keys(array_filter([
            'contact' => $this->tables->contacts, 'edge' => $this->tables->receivers, 'message' => $this->plan->channels,
            'linked' => $this->plan->channels, 'sensor' => $this->plan->sensors, 'sense' => $this->plan->senses,
            'time' => $this->plan->timers, 'ladder' => $this->ladders(),
        ]));
        while (count($events) < $count && [] !== $kinds) {
            $now += [0, 1, 3, 10, 29, 30, 31, 40, 120, 400, 1_000, 5_000, 20_000, 400_000][mt_rand(0, 13)];
            $kind = $kinds[mt_rand(0, count($kinds) - 1)];
            if ('edge' === $kind) {
                array_push($events, ...$this->frame($now));
                $now = max($now, intdiv($events[count($events) - 1]->micros, Micros::MILLISECOND));
            } else {
                $events[] = $this->event($kind, $now * Micros::MILLISECOND);
            }
            if (0 === mt_rand(0, 60)) {
                // Power goes and comes: what was kept by then is there again.
                $events[] = $this->start(++$now);
            }
        }

        return $events;
    }

    private function start(int $milliseconds): ProgramEvent
    {
        return new ProgramEvent('start', $milliseconds * Micros::MILLISECOND, number: mt_rand(0, 0x7FFFFFFF), kept: $this->kept());
    }

    /**
     * @return array<string, SelectorPlan> knobs that are read as a number
     */
    private function ladders(): array
    {
        return array_filter($this->plan->selectors, static fn(SelectorPlan $one): bool => 1 === count($one->functions));
    }

    private function kept(): Kept
    {
        $steps = [];
        foreach (0 === mt_rand(0, 2) ? [] : $this->plan->lines as $id => $line) {
            $steps[$id] = mt_rand(0, $line->top());
        }

        return new Kept($steps, [0, 0, 0, 1, 2, 3][mt_rand(0, 5)]);
    }

    /**
     * @template T
     * @param array<array-key, T> $of
     * @return T
     */
    private static function one(array $of): mixed
    {
        return [] === $of ? throw new \LogicException('There is nothing to draw from.') : array_values($of)[mt_rand(0, count($of) - 1)];
    }

    private function event(string $kind, int $micros): ProgramEvent
    {
        return match ($kind) {
            'contact' => new ProgramEvent($kind, $micros, self::one(array_keys($this->tables->contacts)), 1 === mt_rand(0, 1)),
            'ladder' => $this->turn($micros),
            'message' => $this->said($micros),
            'linked' => new ProgramEvent($kind, $micros, self::one(array_keys($this->plan->channels)), mt_rand(0, 2) > 0),
            'sensor' => $this->read($micros),
            'sense' => new ProgramEvent($kind, $micros, self::one(array_keys($this->plan->senses)), 1 === mt_rand(0, 1)),
            default => new ProgramEvent('time', $micros, number: mt_rand(0, intdiv(Micros::WEEK, Micros::MILLISECOND) - 1)),
        };
    }

    private function turn(int $micros): ProgramEvent
    {
        $id = self::one(array_keys($this->ladders()));

        return new ProgramEvent('ladder', $micros, $id, number: mt_rand(0, $this->plan->selectors[$id]->positions - 1));
    }

    private function read(int $micros): ProgramEvent
    {
        $function = self::one($this->plan->sensors)->function;

        return new ProgramEvent('sensor', $micros, $function, reading: $this->reading($function));
    }

    private function said(int $micros): ProgramEvent
    {
        $id = self::one(array_keys($this->plan->channels));
        [$to, $says] = $this->text($id);

        return new ProgramEvent('message', $micros, $id, to: $to, says: $says);
    }

    private function reading(string $function): ?float
    {
        $near = [];
        foreach ($this->plan->sensors as $sensor) {
            if ($sensor->function === $function) {
                array_push($near, $sensor->rule->on() ?? 1.0, $sensor->rule->off() ?? 0.0);
            }
        }

        return 0 === mt_rand(0, 7) ? null : round(self::one([...$near, 0.0]) + mt_rand(-24, 24) / 16, 4);
    }

    /**
     * @return array{string, string} where to, and what is said
     */
    private function text(string $channel): array
    {
        $messages = $this->plan->channels[$channel]->messages;
        if ([] === $messages) {
            return ['', 'hello'];
        }
        $message = self::one($messages);
        $says = self::one([
            $message->on, $message->off, $message->toggle, str_replace('{value}', (string) mt_rand(-5, 130), $message->set),
            str_replace('{value}', mt_rand(0, 100) . '.' . mt_rand(0, 99), $message->set), 'nonsense', '', $message->on . 'x',
        ]);
        $says = 0 === mt_rand(0, 4) ? " $says \r" : $says;
        $says = 0 === mt_rand(0, 4) ? strtoupper($says) : $says;

        return [0 === mt_rand(0, 9) ? 'elsewhere' : $message->address, $says];
    }

    /**
     * The edges of a key’s frame, or of none, the last of them in a whole millisecond.
     *
     * @return list<ProgramEvent>
     */
    private function frame(int $now): array
    {
        $receiver = self::one(array_keys($this->tables->receivers));
        $code = self::one([...array_map(
            static fn(string $key): int => (int) hexdec((string) preg_replace('/^(p|Raw32:)/', '', $key)),
            array_filter(array_keys($this->plan->keys[$receiver]), static fn(string $key): bool => 1 === preg_match('/^(p|Raw32:)/', $key)),
        ), 0x12345678]);
        $spaces = [InfraredDecoder::HEAD_SPACE];
        for ($bit = 31; $bit >= 0; --$bit) {
            $spaces[] = 1 === ($code >> $bit & 1) ? InfraredDecoder::ONE_SPACE : InfraredDecoder::ZERO_SPACE;
        }
        $spaces = 0 === mt_rand(0, 3) ? [InfraredDecoder::REPEAT_SPACE] : $spaces;
        $times = [0];
        foreach ([...$spaces, 0] as $place => $space) {
            $stretch = mt_rand(-100, 150);
            $mark = 0 === $place ? InfraredDecoder::HEAD_MARK : InfraredDecoder::BIT_MARK;
            $times[] = $times[count($times) - 1] + $mark + $stretch;
            $times[] = $times[count($times) - 1] + $space - $stretch;
        }
        array_pop($times);
        $last = $now * Micros::MILLISECOND + (int) ceil($times[count($times) - 1] / 1000) * 1000;
        $begin = $last - $times[count($times) - 1];
        $edges = [];
        foreach ($times as $place => $after) {
            $edges[] = new ProgramEvent('edge', $begin + $after, $receiver, 0 === $place % 2);
        }
        // Now and then one is lost.
        if (0 === mt_rand(0, 9)) {
            array_splice($edges, mt_rand(0, count($edges) - 2), 1);
        }

        return $edges;
    }

    /**
     * What the specification does, and the lines by which the library is told the same.
     *
     * @param list<ProgramEvent> $events
     * @return array{list<string>, list<string>} lines to send, lines that are expected
     */
    public function told(array $events): array
    {
        $send = $expect = [];
        $program = null;
        $closed = [];
        $answer = function (Program $program, Effect ...$effects) use (&$expect): void {
            foreach ($effects as $effect) {
                $expect[] = $this->words($effect);
            }
            $due = $program->due();
            $expect[] = null === $due ? 'due -' : 'due ' . intdiv($due, Micros::MILLISECOND);
            $state = '';
            foreach (array_keys($this->plan->lines) as $line) {
                $state .= sprintf('%d/%d ', $program->step($line), $program->wanted($line));
            }
            $expect[] = $state . '.';
        };
        foreach ($events as $event) {
            while ('start' !== $event->kind && null !== $program && null !== $program->due() && $program->due() <= $event->micros) {
                $at = $program->due();
                $send[] = 'pass ' . intdiv($at, Micros::MILLISECOND);
                $answer($program, ...$program->pass($at));
            }
            if ('contact' === $event->kind) {
                $closed[$event->what] = $event->on;
            }
            if (null !== $event->kept) {
                $send[] = $this->startLine($event, $event->kept, $closed);
                [$program, $effects] = Program::started(
                    $this->plan,
                    $event->kept,
                    array_intersect_key($closed, $this->tables->contacts),
                    $event->micros,
                    0,
                    $event->number,
                );
                $answer($program, ...$effects);
            } elseif (null !== $program) {
                [$line, $effects] = $this->toldOf($program, $event);
                $send[] = $line;
                $answer($program, ...$effects);
            }
        }

        return [$send, $expect];
    }

    /**
     * @param array<string, bool> $closed
     */
    private function startLine(ProgramEvent $event, Kept $kept, array $closed): string
    {
        return sprintf(
            'start %d %d %d %d %s %s',
            intdiv($event->micros, Micros::MILLISECOND),
            $event->number,
            $kept->resets,
            [] !== $kept->steps,
            implode(' ', array_map(static fn(string $line): int => $kept->steps[$line] ?? 0, array_keys($this->plan->lines))),
            implode(' ', array_map(static fn(string $one): int => (int) ($closed[$one] ?? false), array_keys($this->tables->contacts))),
        );
    }

    /**
     * @return array{string, list<Effect>} the line by which the library is told, and what the specification does
     */
    private function toldOf(Program $program, ProgramEvent $event): array
    {
        [$now, $what, $micros] = [intdiv($event->micros, Micros::MILLISECOND), $event->what, $event->micros];

        return match ($event->kind) {
            'contact' => [
                sprintf('contact %d %d %d', $now, $this->tables->contacts[$what], $event->on),
                $program->contact($what, $event->on, $micros, 0),
            ],
            'ladder' => [
                sprintf('ladder %d %d %d', $now, $this->tables->selectors[$what], $event->number),
                $program->ladder($what, $event->number, $micros, 0),
            ],
            'edge' => [
                sprintf('edge %d %d %d %d', $now, $this->tables->receivers[$what], $event->on, $micros),
                $program->edge($what, $event->on, $micros, 0),
            ],
            'message' => [
                sprintf('message %d %d %s %s', $now, $this->tables->channels[$what], self::hex($event->to), self::hex($event->says)),
                $program->message($what, $event->to, $event->says, $micros, 0),
            ],
            'linked' => [
                sprintf('linked %d %d %d', $now, $this->tables->channels[$what], $event->on),
                $program->linked($what, $event->on, $micros, 0),
            ],
            'sensor' => [
                sprintf(
                    'sensor %d %d %d %d',
                    $now,
                    $this->tables->sensors[$what],
                    null !== $event->reading,
                    (int) round(($event->reading ?? 0.0) * ProgramTables::PARTS_OF_UNIT),
                ),
                $program->sensor($what, $event->reading, $micros, 0),
            ],
            'sense' => [
                sprintf('sense %d %d %d', $now, $this->tables->senses[$what], $event->on),
                $program->sense($what, $event->on, $micros, 0),
            ],
            default => [sprintf('time %d %d', $now, $event->number), $program->time($event->number * Micros::MILLISECOND, $micros, 0)],
        };
    }

    private static function hex(string $text): string
    {
        return '' === $text ? '-' : bin2hex($text);
    }

    private function words(Effect $effect): string
    {
        $line = $this->tables->lines[$effect->subject] ?? 255;

        return match ($effect->kind) {
            EffectKind::Output => sprintf('output %d %d', $this->tables->pins[$effect->subject], $effect->on),
            EffectKind::Lamp => sprintf('lamp %d %d', $this->tables->pins[$effect->subject], $effect->on),
            EffectKind::Tell => sprintf(
                'told %d %d %s %s',
                $this->tables->channels[$effect->subject],
                $effect->on,
                bin2hex($effect->to),
                bin2hex($effect->says),
            ),
            EffectKind::Connect => 'connect ' . $this->tables->channels[$effect->subject],
            EffectKind::Keep => 'kept ' . implode(' ', $effect->steps),
            EffectKind::Refuse => sprintf('refused %d %d', $line, self::code($effect->says)),
            EffectKind::Wait => sprintf('waits %d %s', $line, explode(' ', $effect->says)[1]),
            EffectKind::Ignore => isset($this->tables->receivers[$effect->subject])
                ? sprintf('ignored-code %d %s', $this->tables->receivers[$effect->subject], substr($effect->says, -8))
                : sprintf('ignored-text %d %d', $this->tables->channels[$effect->subject], str_contains($effect->says, 'means nothing')),
            EffectKind::Alarm => sprintf('alarm %d %d', $line, '' === $effect->subject ? 0 : 1),
        };
    }

    private static function code(string $says): int
    {
        foreach (self::REFUSALS as $part => $code) {
            if (str_contains($says, $part)) {
                return $code;
            }
        }

        throw new \LogicException(sprintf('No refusal is known as “%s”.', $says));
    }

    /**
     * The answers of the library, in the words of the specification.
     *
     * @param list<string> $lines
     * @return list<string>
     */
    public static function plain(array $lines): array
    {
        return array_map(static fn(string $line): string => (string) preg_replace_callback(
            '/^waits (\d+) (\d+)$/',
            static fn(array $match): string => sprintf('waits %s %.2f', $match[1], (int) $match[2] / 1000),
            $line,
        ), $lines);
    }
}
