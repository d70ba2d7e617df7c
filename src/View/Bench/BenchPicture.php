<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\BoardFacts;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Replay;
use IronLatch\Core\Bench\Tracks;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\ShownKind;

/** A run at one moment, drawn: every line from hand to appliance, the controller with its lamps, and what happened. */
final readonly class BenchPicture
{
    /**
     * @param list<BenchRow> $rows
     * @param BenchPart $chip the controller
     * @param array<string, BenchPart> $lamps of the board itself, by name
     * @param array<string, string> $states of everything at the moment, as Tracks tells them
     * @param list<array{int, string, string, string}> $play changes that led here: microseconds, part, state before, state
     */
    private function __construct(
        public int $atMicros,
        public int $nowMicros,
        public int $fromMicros,
        public array $rows,
        public BenchPart $chip,
        public array $lamps,
        public array $states,
        public array $play,
        public Ledger $ledger,
    ) {}

    /**
     * A run that can go on.
     *
     * @param ?int $at microseconds of an earlier moment that is looked at; null for now
     * @param ?int $from microseconds from which what led here is played
     * @param ?int $why id of the happening whose causes are read
     * @param list<string> $lines ids of those that are drawn; all where none is named
     */
    public static function of(Course $course, ?int $at = null, ?int $from = null, ?int $why = null, array $lines = []): self
    {
        $now = $course->scene->now;
        $moment = null === $at ? $now : max(0, min($at, $now));

        return self::drawn(
            $course->facts,
            Tracks::of($course->happenings),
            $course->happenings,
            [$moment, $now, $from],
            $why,
            $lines,
            $moment === $now ? $course : null,
            [] === $lines ? $course : null,
        );
    }

    /** A cell of the trial, at the moment when it fails while no other is asked for; nothing can be done to it. */
    public static function ofReplay(BoardFacts $facts, Replay $replay, ?int $at, ?int $why): self
    {
        $happenings = array_column($replay->happenings, null, 'id');
        $end = $replay->happenings[count($replay->happenings) - 1]->micros ?? $replay->beganMicros;
        $now = max($replay->failedMicros ?? $end, $end);
        $moment = max($replay->beganMicros, min($at ?? $replay->failedMicros ?? $end, $now));

        return self::drawn($facts, $replay->tracks(), $happenings, [$moment, $now, null], $why, [], null, null);
    }

    /**
     * @param array<int, Happening> $happenings by id
     * @param array{int, int, ?int} $times the moment that is looked at, now, and from when it is played
     * @param list<string> $lines
     * @param ?Course $now where the moment is the present one
     * @param ?Course $acted where something can be done
     */
    private static function drawn(
        BoardFacts $facts,
        Tracks $tracks,
        array $happenings,
        array $times,
        ?int $why,
        array $lines,
        ?Course $now,
        ?Course $acted,
    ): self {
        [$moment, $end, $from] = $times;
        $states = $tracks->all($moment);
        $board = $facts->inspection->board;
        $hands = null === $acted ? null : new BenchHands($acted, $states);
        $rows = [];
        foreach (array_keys($board->lines) as $id) {
            if ([] === $lines || in_array($id, $lines, true)) {
                $rows[] = self::row($facts, $now, $states, $id, $hands?->of($id) ?? []);
            }
        }
        $lamps = self::lamps($facts, $states);
        $changes = null === $from ? [] : $tracks->between($from, $end);

        return new self(
            $moment,
            $end,
            $from ?? $end,
            $rows,
            self::chip($states),
            $lamps,
            $states,
            self::played($changes, self::parts($rows) + self::keyed($lamps)),
            Ledger::of($happenings, $tracks, $board, $facts->map(), $moment, $why),
        );
    }

    /**
     * @param list<BenchHand> $hands
     * @param array<string, string> $states
     */
    private static function row(BoardFacts $facts, ?Course $course, array $states, string $id, array $hands): BenchRow
    {
        $board = $facts->inspection->board;
        $line = $board->lines[$id];
        $appliance = $board->appliance($line);
        $plan = $facts->plan->lines[$id];
        $words = ['0' => 'at rest'];
        for ($step = 1; $step <= $plan->top(); ++$step) {
            $words[(string) $step] = match (true) {
                $plan->runsBothWays => 1 === $step ? 'runs one way' : 'runs the other way',
                $plan->top() > 1 => sprintf('step %d of %d', $step, $plan->top()),
                default => 'on',
            };
        }
        $part = BenchPart::in($states, Happens::Appliance->value . ' ' . $id, $words);
        $relays = [];
        foreach ($facts->relays as $relay) {
            if ($relay->line === $id) {
                $relays[] = self::relay($facts, $course, $states, $relay->id, $relay->pin);
            }
        }

        return new BenchRow(
            $id,
            $line->name,
            $appliance->identity->name,
            $hands,
            $relays,
            self::glyph($appliance),
            $part,
            $appliance->heats && null !== $course ? (int) round(100 * $course->world->warmth($course->scene, $id)) : null,
            null !== $course && '0' === $part->state && true === $course->world->isLive($course->scene, $id),
        );
    }

    /**
     * @param array<string, string> $states
     */
    private static function relay(BoardFacts $facts, ?Course $course, array $states, string $id, ?string $pin): BenchRelay
    {
        $board = $facts->inspection->board;
        $actuator = $board->actuators()[$id];
        $hasArmature = null !== $actuator->relay && null === $board->relay($actuator)->solidState;

        $isWelded = isset($course->scene->welded[$id]);

        return new BenchRelay(
            $id,
            $board->nameOf($id),
            $pin ?? '',
            ($facts->inspection->seating->pins[$actuator->function] ?? null)?->bothNames() ?? '',
            null === $pin
                ? null
                : BenchPart::in($states, Happens::Pin->value . ' ' . $pin, ['z' => 'not driven', '0' => 'low', '1' => 'high']),
            BenchPart::in($states, Happens::Coil->value . ' ' . $id, $hasArmature
                ? ['0' => 'coil idle', '1' => 'coil fed']
                : ['0' => 'not driven', '1' => 'driven']),
            BenchPart::in($states, Happens::Relay->value . ' ' . $id, $hasArmature
                ? ['0' => $isWelded ? 'held by its weld' : 'let go', '1' => 'pulled in']
                : ['0' => 'blocks', '1' => 'conducts']),
            $isWelded,
            $actuator->driver->words(),
            $hasArmature,
            $facts->relays[$id]->restsClosed,
        );
    }

    private static function glyph(Appliance $appliance): string
    {
        $isMotor = in_array($appliance->load, [LoadKind::InductionMotor, LoadKind::UniversalMotor], true);

        return match (true) {
            $appliance->compressor => 'cooler',
            ShownKind::Valve === $appliance->shownAs => 'valve',
            $appliance->heats || ShownKind::Heater === $appliance->shownAs => 'heater',
            in_array($appliance->load, [LoadKind::Filament, LoadKind::ElectronicLamp], true),
            in_array($appliance->shownAs, [ShownKind::Light, ShownKind::DimmableLight], true) => 'lamp',
            $isMotor => 'motor',
            LoadKind::DcInductive === $appliance->load => 'valve',
            default => 'plate',
        };
    }

    /**
     * @param array<string, string> $states
     */
    private static function chip(array $states): BenchPart
    {
        return BenchPart::in($states, Tracks::CHIP, [
            'off' => 'has no power',
            'starting' => 'starts up',
            'running' => 'runs its program',
            'stuck' => 'does not start',
        ]);
    }

    /**
     * @param array<string, string> $states
     * @return array<string, BenchPart>
     */
    private static function lamps(BoardFacts $facts, array $states): array
    {
        $lamps = [];
        foreach ($facts->plan->lamps as $id => $lamp) {
            if (LampTells::Line !== $lamp->tells) {
                $lamps[$facts->inspection->board->nameOf($id)] = BenchPart::in(
                    $states,
                    Happens::Lamp->value . ' ' . $id,
                    ['0' => 'dark', '1' => 'lit'],
                );
            }
        }

        return $lamps;
    }

    /**
     * @param array<string, BenchPart> $parts
     * @return array<string, BenchPart> by key
     */
    private static function keyed(array $parts): array
    {
        return array_column(array_values($parts), null, 'key');
    }

    /**
     * Parts that stand in the drawing, by key.
     *
     * @param list<BenchRow> $rows
     * @return array<string, BenchPart>
     */
    private static function parts(array $rows): array
    {
        $parts = [];
        foreach ($rows as $row) {
            $own = [$row->part];
            foreach ($row->hands as $hand) {
                $own[] = $hand->part;
            }
            foreach ($row->relays as $relay) {
                $own = [...$own, $relay->level, $relay->coil, $relay->armature];
            }
            foreach (array_filter($own) as $part) {
                $parts[$part->key] = $part;
            }
        }

        return $parts;
    }

    /**
     * @param list<array{int, string, string, string, int}> $changes
     * @param array<string, BenchPart> $parts
     * @return list<array{int, string, string, string}>
     */
    private static function played(array $changes, array $parts): array
    {
        $parts[Tracks::CHIP] = self::chip([]);
        $play = [];
        foreach ($changes as [$micros, $key, $before, $state]) {
            if (isset($parts[$key])) {
                $play[] = [$micros, $key, $before, $state];
            }
        }

        return $play;
    }

    public function isLookingBack(): bool
    {
        return $this->atMicros < $this->nowMicros;
    }
}
