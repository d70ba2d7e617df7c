<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** What every part of a board was at each moment of a run: what a drawing of that moment shows. */
final readonly class Tracks
{
    /** Kinds of happenings that leave something in a state. */
    private const STATES = [
        Happens::Mains, Happens::Rail, Happens::Link, Happens::Outage, Happens::Contact, Happens::Pin, Happens::Coil, Happens::Relay,
        Happens::Appliance, Happens::Lamp, Happens::Shown,
    ];
    public const CHIP = 'chip ';

    /**
     * @param array<string, string> $first states at the beginning, by kind and subject: “relay A1”
     * @param array<string, non-empty-list<array{int, string, int}>> $changes microseconds, state and id of the happening, by kind and
     *     subject
     */
    private function __construct(private array $first, public array $changes) {}

    /**
     * @param iterable<Happening> $happenings in the order of time
     * @param array<string, string> $first as a Scene gives its states
     */
    public static function of(iterable $happenings, array $first = []): self
    {
        $changes = [];
        foreach ($happenings as $one) {
            [$key, $state] = match (true) {
                'dip' !== $one->value && in_array($one->kind, self::STATES, true) => [$one->kind->value . ' ' . $one->subject, $one->value],
                Happens::Phase === $one->kind => [self::CHIP, 'starting'],
                Happens::Runs === $one->kind => [self::CHIP, 'running'],
                Happens::Stuck === $one->kind => [self::CHIP, 'stuck'],
                Happens::Reset === $one->kind => [self::CHIP, 'off'],
                default => ['', ''],
            };
            if ('' !== $key && (self::last($changes, $key) ?? $first[$key] ?? '') !== $state) {
                $changes[$key][] = [$one->micros, $state, $one->id];
            }
            if (Happens::Reset === $one->kind) {
                self::putOut($changes, $first, $one);
            }
        }

        return new self($first, $changes);
    }

    /**
     * @param array<string, non-empty-list<array{int, string, int}>> $changes
     */
    private static function last(array $changes, string $key): ?string
    {
        return isset($changes[$key]) ? $changes[$key][count($changes[$key]) - 1][1] : null;
    }

    /**
     * With the program all its links are gone, and its lamps go out.
     *
     * @param array<string, non-empty-list<array{int, string, int}>> $changes
     * @param array<string, string> $first
     */
    private static function putOut(array &$changes, array $first, Happening $reset): void
    {
        foreach (array_keys([...$first, ...$changes]) as $key) {
            [$kind] = explode(' ', $key);
            $isOn = '1' === (self::last($changes, $key) ?? $first[$key] ?? '');
            if ($isOn && in_array($kind, [Happens::Link->value, Happens::Lamp->value], true)) {
                $changes[$key][] = [$reset->micros, '0', $reset->id];
            }
        }
    }

    /** State of a part at a moment, with all that happens in it; empty while nobody knows. */
    public function at(string $key, int $micros): string
    {
        $state = $this->first[$key] ?? '';
        foreach ($this->changes[$key] ?? [] as [$when, $then]) {
            if ($when > $micros) {
                break;
            }
            $state = $then;
        }

        return $state;
    }

    /**
     * @return array<string, string> of all parts
     */
    public function all(int $micros): array
    {
        $states = $this->first;
        foreach (array_keys($this->changes) as $key) {
            $states[$key] = $this->at($key, $micros);
        }

        return $states;
    }

    /**
     * Changes after a moment and up to another, in the order of time.
     *
     * @return list<array{int, string, string, string, int}> microseconds, part, state before, state, id of the happening
     */
    public function between(int $after, int $until): array
    {
        $all = [];
        foreach ($this->changes as $key => $changes) {
            $before = $this->first[$key] ?? '';
            foreach ($changes as [$micros, $state, $id]) {
                if ($micros > $after && $micros <= $until) {
                    $all[] = [$micros, $key, $before, $state, $id];
                }
                $before = $state;
            }
        }
        usort($all, static fn(array $one, array $other): int => [$one[0], $one[4]] <=> [$other[0], $other[4]]);

        return $all;
    }
}
