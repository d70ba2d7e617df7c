<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;

/** A finding played on the bench: what happens, and the same with the first remedy that keeps it from happening. */
final readonly class Showing
{
    /** A demonstration is told in so many sentences; the whole run stands in its file. */
    private const MOST_TOLD = 40;
    /** What belongs to the board as a whole is told whatever lines are looked at. */
    private const OF_ALL = [
        Happens::Mains, Happens::Rail, Happens::Phase, Happens::Runs, Happens::Stuck, Happens::Reset, Happens::Outage, Happens::Planted,
        Happens::Harm, Happens::Hand, Happens::Frame, Happens::Alarm, Happens::Waits, Happens::Refused, Happens::Ignored, Happens::Lost,
    ];
    /** What only repeats what the board did. */
    private const SELDOM = [Happens::Kept, Happens::Told];

    /**
     * @param list<string> $lines ids of the lines to look at
     */
    private function __construct(
        public Situation $situation,
        public Course $faulty,
        public ?Remedy $remedy,
        public ?Course $mended,
        public array $lines,
    ) {}

    /** Whether a finding has something to see on the bench: it is run, and must show. */
    public static function isOf(Inspection $inspection, Finding $finding): bool
    {
        $situation = Demonstrations::of($inspection, $finding->rule->id, $finding->subject);

        return null !== $situation && $situation->isSeenIn($situation->on($inspection));
    }

    /** Null where nothing of the finding is to be seen. */
    public static function of(Inspection $inspection, Finding $finding): ?self
    {
        $situation = Demonstrations::of($inspection, $finding->rule->id, $finding->subject);
        $faulty = $situation?->on($inspection);
        if (null === $situation || null === $faulty || !$situation->isSeenIn($faulty)) {
            return null;
        }
        foreach ($finding->remedies() as $remedy) {
            $mended = self::mended($inspection, $situation, $remedy);
            if (null !== $mended) {
                return new self($situation, $faulty, $remedy, $mended, self::linesOf($situation, $faulty, $mended));
            }
        }

        return new self($situation, $faulty, null, null, self::linesOf($situation, $faulty, null));
    }

    /** The same run with a remedy, where that keeps the fault from showing. */
    private static function mended(Inspection $inspection, Situation $situation, Remedy $remedy): ?Course
    {
        try {
            $board = $remedy->edit->apply($inspection->board);
            $course = $situation->on(new Inspection($board, $inspection->catalogue, $inspection->prices));
        } catch (\DomainException|\InvalidArgumentException) {
            // What was acted on is gone with the remedy: nothing can be set beside the fault.
            return null;
        }

        return $situation->isSeenIn($course) ? null : $course;
    }

    /**
     * The line that is pointed at, those on which something is done, and those that do otherwise than with the remedy.
     *
     * @return list<string>
     */
    private static function linesOf(Situation $situation, Course $faulty, ?Course $mended): array
    {
        $line = self::owners($faulty);
        $all = [$line[$situation->points] ?? ''];
        foreach ($situation->script->deeds as $deed) {
            $all[] = $line[$deed->what] ?? '';
        }
        $moves = static fn(?Course $course, string $id): array => array_map(
            static fn(Happening $one): string => $one->value,
            $course?->all(Happens::Appliance, $id) ?? [],
        );
        $board = $faulty->facts->inspection->board;
        foreach (null === $mended ? [] : array_keys($board->lines) as $id) {
            if ($moves($faulty, $id) !== $moves($mended, $id)) {
                $all[] = $id;
            }
        }
        $lines = array_values(array_unique(array_filter($all, static fn(string $id): bool => isset($board->lines[$id]))));

        return [] === $lines ? array_slice(array_keys($board->lines), 0, 1) : $lines;
    }

    /**
     * @return array<string, string> line by whatever belongs to it: relay, function, pin, surface
     */
    private static function owners(Course $course): array
    {
        $owners = [];
        foreach ($course->facts->inspection->board->lines as $id => $line) {
            $owners[$id] = $id;
            foreach ($line->surfaces as $surface => $own) {
                $owners[$surface] = $id;
                $owners[$own->function] = $id;
            }
        }
        foreach ($course->facts->relays as $relay) {
            $owners[$relay->id] = $owners[$relay->function] = $relay->line;
            if (null !== $relay->pin) {
                $owners[$relay->pin] = $relay->line;
            }
        }

        return $owners;
    }

    /** When there begins to be something to see: with the first thing that is done, or with mains. */
    public function fromMicros(): int
    {
        $times = array_map(static fn(Deed $deed): int => Micros::of($deed->at), $this->situation->script->deeds);

        return [] === $times ? 0 : min($times);
    }

    /**
     * What is told of a run: a sentence for each thing that happened where one looks.
     *
     * @return list<Happening>
     */
    public function told(Course $course): array
    {
        $owners = self::owners($course);
        $from = $this->fromMicros();
        $told = [];
        foreach ($course->happenings as $one) {
            $line = $owners[$one->subject] ?? null;
            $isSeen = in_array($one->kind, self::OF_ALL, true) || (null === $line || in_array($line, $this->lines, true));
            if ($one->micros >= $from && $isSeen && !in_array($one->kind, self::SELDOM, true)) {
                $told[] = $one;
            }
        }

        return array_slice($told, 0, self::MOST_TOLD);
    }

    /**
     * Ids of what happens on the faulty board and not with the remedy.
     *
     * @return array<int, true>
     */
    public function onlyFaulty(): array
    {
        $left = [];
        foreach ($this->mended->happenings ?? [] as $one) {
            $key = self::likeness($this->mended ?? $this->faulty, $one);
            $left[$key] = ($left[$key] ?? 0) + 1;
        }
        $only = [];
        foreach (null === $this->mended ? [] : $this->faulty->happenings as $one) {
            $key = self::likeness($this->faulty, $one);
            $left[$key] = ($left[$key] ?? 0) - 1;
            if ($left[$key] < 0) {
                $only[$one->id] = true;
            }
        }

        return $only;
    }

    /** What happened, whenever it did; a pin counts as what it drives. */
    private static function likeness(Course $course, Happening $one): string
    {
        $subject = $one->subject;
        foreach (Happens::Pin === $one->kind ? $course->facts->relays : [] as $relay) {
            $subject = $relay->pin === $one->subject ? $relay->id : $subject;
        }

        return implode(' ', [$one->kind->value, $subject, $one->value]);
    }
}
