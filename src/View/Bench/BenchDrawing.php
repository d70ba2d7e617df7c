<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Pace;
use IronLatch\Core\Bench\Tracks;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Program\Micros;

/** The bench at one moment of a run: every line from hand to appliance, the controller, and what can be done to all of it. */
final readonly class BenchDrawing
{
    /**
     * @param list<BenchRow> $rows
     * @param list<BenchHand> $groups
     * @param BenchPart $chip the controller
     * @param array<string, BenchPart> $lamps of the board itself, by name
     * @param list<BenchLever> $levers
     * @param list<BenchAct> $faults that can be planted
     * @param list<array{int, string, string, string}> $play changes that led here: microseconds, part, state before, state
     * @param ?float $nextSeconds when something happens next; null when nothing does
     */
    private function __construct(
        public Course $course,
        public Tracks $tracks,
        public int $atMicros,
        public int $nowMicros,
        public array $rows,
        public array $groups,
        public BenchPart $chip,
        public array $lamps,
        public array $levers,
        public array $faults,
        public array $play,
        public int $fromMicros,
        public Ledger $ledger,
        public ?float $nextSeconds,
    ) {}

    /**
     * @param ?int $at microseconds of an earlier moment that is looked at; null for now
     * @param ?int $from microseconds from which what led here is played
     * @param ?int $why id of the happening whose causes are read
     * @param list<string> $lines ids of those that are drawn; all where none is named
     */
    public static function of(Course $course, ?int $at = null, ?int $from = null, ?int $why = null, array $lines = []): self
    {
        $tracks = Tracks::of($course->happenings);
        $now = $course->scene->now;
        $moment = null === $at ? $now : max(0, min($at, $now));
        $states = $tracks->all($moment);
        $board = $course->facts->inspection->board;
        $hands = new BenchHands($course, $states);
        $rows = [];
        foreach ($board->lines as $id => $line) {
            if ([] === $lines || in_array($id, $lines, true)) {
                $rows[] = self::row($course, $states, $id, $hands->of($id), $moment === $now);
            }
        }
        $parts = self::parts($rows);
        $changes = null === $from ? [] : $tracks->between($from, $now);

        return new self(
            $course,
            $tracks,
            $moment,
            $now,
            $rows,
            $hands->groups(),
            self::chip($states),
            self::lamps($course, $states),
            self::levers($course, $states),
            self::faults($course),
            self::played($changes, $parts + self::keyed(self::lamps($course, $states))),
            $from ?? $now,
            Ledger::of($course->happenings, $tracks, $board, $course->facts->map(), $moment, $why),
            $course->nextSeconds(),
        );
    }

    /**
     * @param list<BenchHand> $hands
     * @param array<string, string> $states
     */
    private static function row(Course $course, array $states, string $id, array $hands, bool $isNow): BenchRow
    {
        $board = $course->facts->inspection->board;
        $line = $board->lines[$id];
        $appliance = $board->appliance($line);
        $plan = $course->facts->plan->lines[$id];
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
        foreach ($course->facts->relays as $relay) {
            if ($relay->line === $id) {
                $relays[] = self::relay($course, $states, $relay->id, $relay->pin);
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
            $appliance->heats && $isNow ? (int) round(100 * $course->world->warmth($course->scene, $id)) : null,
            $isNow && '0' === $part->state && true === $course->world->isLive($course->scene, $id),
        );
    }

    /**
     * @param array<string, string> $states
     */
    private static function relay(Course $course, array $states, string $id, ?string $pin): BenchRelay
    {
        $board = $course->facts->inspection->board;
        $actuator = $board->actuators()[$id];
        $hasArmature = null !== $actuator->relay && null === $board->relay($actuator)->solidState;

        return new BenchRelay(
            $id,
            $board->nameOf($id),
            $pin ?? '',
            null === $pin
                ? null
                : BenchPart::in($states, Happens::Pin->value . ' ' . $pin, ['z' => 'not driven', '0' => 'low', '1' => 'high']),
            BenchPart::in($states, Happens::Coil->value . ' ' . $id, $hasArmature
                ? ['0' => 'coil without current', '1' => 'coil fed']
                : ['0' => 'not driven', '1' => 'driven']),
            BenchPart::in($states, Happens::Relay->value . ' ' . $id, $hasArmature
                ? ['0' => 'let go', '1' => 'pulled in']
                : ['0' => 'blocks', '1' => 'conducts']),
            isset($course->scene->welded[$id]),
            $actuator->driver->words(),
            $hasArmature,
            $course->facts->relays[$id]->restsClosed,
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
    private static function lamps(Course $course, array $states): array
    {
        $lamps = [];
        foreach ($course->facts->plan->lamps as $id => $lamp) {
            if (LampTells::Line !== $lamp->tells) {
                $lamps[$course->facts->inspection->board->nameOf($id)] = BenchPart::in(
                    $states,
                    Happens::Lamp->value . ' ' . $id,
                    ['0' => 'dark', '1' => 'lit'],
                );
            }
        }

        return $lamps;
    }

    /**
     * @param array<string, string> $states
     * @return list<BenchLever>
     */
    private static function levers(Course $course, array $states): array
    {
        $hasMains = '1' === ($states[Happens::Mains->value . ' '] ?? '');
        $levers = [new BenchLever('mains', $hasMains, BenchAct::of(
            $hasMains ? 'Cut' : 'Put back',
            'mains',
            $hasMains ? DeedKind::CutMains : DeedKind::MainsBack,
        ))];
        foreach (Outages::of($course->facts->map())->all as $outage) {
            $isGone = 'gone' === ($states[Happens::Outage->value . ' ' . $outage->key()] ?? '');
            $levers[] = new BenchLever($outage->short(), !$isGone, BenchAct::of(
                $isGone ? 'Put back' : 'Cut',
                $outage->short(),
                $isGone ? DeedKind::Back : DeedKind::Outage,
                $outage->key(),
            ));
        }

        return $levers;
    }

    /**
     * @return list<BenchAct>
     */
    private static function faults(Course $course): array
    {
        $board = $course->facts->inspection->board;
        $acts = [BenchAct::of('The program hangs', '', DeedKind::Hang)];
        foreach ($board->channels as $id => $channel) {
            $acts[] = BenchAct::of(sprintf('Lose the next message on %s', $channel->name), '', DeedKind::Lose, $id);
        }
        foreach (array_keys($course->facts->relays) as $relay) {
            $acts[] = BenchAct::of(sprintf('Weld the contact of %s', $board->nameOf($relay)), '', DeedKind::Weld, $relay);
        }
        foreach ($board->lines as $id => $line) {
            if (null !== $line->twoWay) {
                $acts[] = BenchAct::of(sprintf('Throw the other switch of %s', $line->name), '', DeedKind::OtherSwitch, $id);
            }
        }

        return $acts;
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

    public function board(): Board
    {
        return $this->course->facts->inspection->board;
    }

    public function isLookingBack(): bool
    {
        return $this->atMicros < $this->nowMicros;
    }

    /**
     * @return list<Pace>
     */
    public function paces(): array
    {
        return Pace::cases();
    }

    /**
     * @return list<Corner>
     */
    public function corners(): array
    {
        return Corner::cases();
    }

    /** The time of the week at the moment that is looked at: “Mon 08:00:12”. */
    public function clock(): string
    {
        $seconds = intdiv($this->course->scene->week + $this->atMicros, Micros::SECOND);

        return WeekTime::printed($seconds) . sprintf(':%02d', $seconds % 60);
    }

    public function clockAtStart(): string
    {
        return WeekTime::printed($this->course->script->clock * 60);
    }

    /** The run as a file, as far as it has come. */
    public function scriptText(): string
    {
        return BenchScriptJson::write($this->course->script);
    }
}
