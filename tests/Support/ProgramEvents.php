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
     * Events in the order of time: what, microseconds, and the rest by its kind.
     *
     * @return list<array{string, int, mixed, mixed}>
     */
    public function random(int $seed, int $count): array
    {
        mt_srand($seed);
        $events = [['start', 1000 * Micros::MILLISECOND, mt_rand(0, 0x7FFFFFFF), $this->kept()]];
        $now = 1000;
        $kinds = array_keys(array_filter([
            'contact' => $this->tables->contacts, 'edge' => $this->tables->receivers, 'message' => $this->plan->channels,
            'linked' => $this->plan->channels, 'sensor' => $this->plan->sensors, 'sense' => $this->plan->senses,
            'time' => $this->plan->timers, 'ladder' => array_filter($this->plan->selectors, static fn($one): bool => 1 === count($one->functions)),
        ]));
        while (count($events) < $count && [] !== $kinds) {
            $now += [0, 1, 3, 10, 29, 30, 31, 40, 120, 400, 1_000, 5_000, 20_000, 400_000][mt_rand(0, 13)];
            $kind = $kinds[mt_rand(0, count($kinds) - 1)];
            if ('edge' === $kind) {
                array_push($events, ...$this->frame($now));
                $now = max($now, intdiv($events[count($events) - 1][1], Micros::MILLISECOND));
            } else {
                $events[] = $this->event($kind, $now * Micros::MILLISECOND);
            }
            if (0 === mt_rand(0, 60)) {
                // Power goes and comes: what was kept by then is there again.
                $events[] = ['start', ++$now * Micros::MILLISECOND, mt_rand(0, 0x7FFFFFFF), $this->kept()];
            }
        }

        return $events;
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
     * @param non-empty-array<array-key, T> $of
     * @return T
     */
    private static function one(array $of): mixed
    {
        return array_values($of)[mt_rand(0, count($of) - 1)];
    }

    /**
     * @return array{string, int, mixed, mixed}
     */
    private function event(string $kind, int $micros): array
    {
        return match ($kind) {
            'contact' => ['contact', $micros, self::one(array_keys($this->tables->contacts)), 1 === mt_rand(0, 1)],
            'ladder' => ['ladder', $micros, $id = self::one(array_keys(array_filter(
                $this->plan->selectors,
                static fn($one): bool => 1 === count($one->functions),
            ))), mt_rand(0, $this->plan->selectors[$id]->positions - 1)],
            'message' => ['message', $micros, $id = self::one(array_keys($this->plan->channels)), $this->text($id)],
            'linked' => ['linked', $micros, self::one(array_keys($this->plan->channels)), mt_rand(0, 2) > 0],
            'sensor' => ['sensor', $micros, $id = self::one($this->plan->sensors)->function, $this->reading($id)],
            'sense' => ['sense', $micros, self::one(array_keys($this->plan->senses)), 1 === mt_rand(0, 1)],
            default => ['time', $micros, mt_rand(0, intdiv(Micros::WEEK, Micros::MILLISECOND) - 1), null],
        };
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
     * @return list<array{string, int, mixed, mixed}>
     */
    private function frame(int $now): array
    {
        $receiver = self::one(array_keys($this->tables->receivers));
        $codes = array_map(static fn(string $key): int => (int) hexdec(substr($key, (int) strpos($key, ':'))), array_filter(
            array_keys($this->plan->keys[$receiver]),
            static fn(string $key): bool => 1 === preg_match('/^(p|Raw32:)/', $key),
        ));
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
            $edges[] = ['edge', $begin + $after, $receiver, 0 === $place % 2];
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
     * @param list<array{string, int, mixed, mixed}> $events
     * @return array{list<string>, list<string>} lines to send, lines that are expected
     */
    public function told(array $events): array
    {
        $send = $expect = [];
        $program = null;
        $closed = [];
        $answer = function (Program $program, array $effects) use (&$expect): void {
            array_push($expect, ...array_filter(array_map($this->words(...), $effects), static fn(string $one): bool => '' !== $one));
            $due = $program->due();
            $expect[] = null === $due ? 'due -' : 'due ' . intdiv($due, Micros::MILLISECOND);
            $state = '';
            foreach (array_keys($this->plan->lines) as $line) {
                $state .= sprintf('%d/%d ', $program->step($line), $program->wanted($line));
            }
            $expect[] = $state . '.';
        };
        foreach ($events as [$kind, $micros, $what, $value]) {
            while ('start' !== $kind && null !== $program && null !== $program->due() && $program->due() <= $micros) {
                $at = $program->due();
                $send[] = 'pass ' . intdiv($at, Micros::MILLISECOND);
                $answer($program, $program->pass($at));
            }
            if ('contact' === $kind) {
                $closed[$what] = $value;
            }
            $now = intdiv($micros, Micros::MILLISECOND);
            if ('start' === $kind) {
                $known = array_intersect_key($closed, $this->tables->contacts);
                $send[] = sprintf(
                    'start %d %d %d %d %s %s',
                    $now,
                    $what,
                    $value->resets,
                    [] !== $value->steps,
                    implode(' ', array_map(static fn(string $line): int => $value->steps[$line] ?? 0, array_keys($this->plan->lines))),
                    implode(' ', array_map(static fn(string $one): int => (int) ($closed[$one] ?? false), array_keys($this->tables->contacts))),
                );
                [$program, $effects] = Program::started($this->plan, $value, $known, $micros, 0, $what);
                $answer($program, $effects);
                continue;
            }
            if (null === $program) {
                continue;
            }
            [$line, $effects] = match ($kind) {
                'contact' => [
                    sprintf('contact %d %d %d', $now, $this->tables->contacts[$what], $value),
                    $program->contact($what, $value, $micros, 0),
                ],
                'ladder' => [
                    sprintf('ladder %d %d %d', $now, $this->tables->selectors[$what], $value),
                    $program->ladder($what, $value, $micros, 0),
                ],
                'edge' => [
                    sprintf('edge %d %d %d %d', $now, $this->tables->receivers[$what], $value, $micros),
                    $program->edge($what, $value, $micros, 0),
                ],
                'message' => [
                    sprintf('message %d %d %s %s', $now, $this->tables->channels[$what], self::hex($value[0]), self::hex($value[1])),
                    $program->message($what, $value[0], $value[1], $micros, 0),
                ],
                'linked' => [
                    sprintf('linked %d %d %d', $now, $this->tables->channels[$what], $value),
                    $program->linked($what, $value, $micros, 0),
                ],
                'sensor' => [
                    sprintf(
                        'sensor %d %d %d %d',
                        $now,
                        $this->tables->sensors[$what],
                        null !== $value,
                        (int) round(($value ?? 0.0) * ProgramTables::PARTS_OF_UNIT),
                    ),
                    $program->sensor($what, $value, $micros, 0),
                ],
                'sense' => [
                    sprintf('sense %d %d %d', $now, $this->tables->senses[$what], $value),
                    $program->sense($what, $value, $micros, 0),
                ],
                default => [sprintf('time %d %d', $now, $what), $program->time($what * Micros::MILLISECOND, $micros, 0)],
            };
            $send[] = $line;
            $answer($program, $effects);
        }

        return [$send, $expect];
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
