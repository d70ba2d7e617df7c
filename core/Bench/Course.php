<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Program\Micros;
use IronLatch\Core\Review\Inspection;

/** One run from its script: everything that happened, each with what it followed from. */
final readonly class Course
{
    /**
     * @param array<int, Happening> $happenings by id
     */
    private function __construct(
        public BenchScript $script,
        public BoardFacts $facts,
        public World $world,
        public Scene $scene,
        public array $happenings,
    ) {}

    /**
     * @throws \InvalidArgumentException when the script names something that is not on the board
     */
    public static function of(Inspection $inspection, BenchScript $script): self
    {
        if ([] !== $script->overrides) {
            $inspection = new Inspection(
                Overrides::on($inspection->board, $script->overrides),
                $inspection->catalogue,
                $inspection->prices,
            );
        }
        $facts = BoardFacts::of($inspection, $script->corner, $script->seed, $script->startsAnyway);
        $world = new World($facts);
        $scene = $world->dark($script->seed);
        $scene->week = $script->clock * Micros::MINUTE;
        $world->mainsComes($scene, 0);
        foreach ($script->deeds as $place => $deed) {
            if (!$world->knows($deed)) {
                throw new \InvalidArgumentException(sprintf(
                    'Deed %d, “%s”: this board has no “%s” for that. Name an id of the board, as its file does.',
                    $place + 1,
                    $deed->do->value,
                    $deed->what,
                ));
            }
            $scene->later(new Pending(Micros::of($deed->at), 'deed', '', 0, deed: $deed));
        }
        $world->runTo($scene, Micros::of($script->until));

        return self::told($script, $facts, $world, $scene);
    }

    private static function told(BenchScript $script, BoardFacts $facts, World $world, Scene $scene): self
    {
        $happenings = [];
        foreach ($scene->log as $one) {
            $happenings[$one->id] = $one;
        }

        return new self($script, $facts, $world, $scene, $happenings);
    }

    /** The same run gone on for a while. */
    public function on(Pace $pace): self
    {
        $scene = clone $this->scene;
        $micros = $pace->micros();
        match (true) {
            null !== $micros => $this->world->runTo($scene, $scene->now + $micros),
            Pace::NextEvent === $pace => $this->untilSomething($scene, Micros::of(Pace::MOST_SECONDS)),
            default => $this->untilQuiet($scene),
        };

        return self::told($this->script->until(Micros::seconds($scene->now)), $this->facts, $this->world, $scene);
    }

    /** Seconds from the beginning to what happens next; null when nothing does any more, or not for long. */
    public function nextSeconds(): ?float
    {
        $ahead = clone $this->scene;

        return $this->untilSomething($ahead, Micros::of(Pace::MOST_SECONDS)) ? Micros::seconds($ahead->now) : null;
    }

    /** Whether something happens within a span; the scene stands at it, or where it stood. */
    private function untilSomething(Scene $scene, int $most): bool
    {
        [$from, $known] = [$scene->now, count($scene->log)];
        for ($next = $this->world->nextAt($scene); null !== $next && $next <= $from + $most; $next = $this->world->nextAt($scene)) {
            $this->world->runTo($scene, $next);
            if (count($scene->log) > $known) {
                return true;
            }
        }
        $scene->now = $from;

        return false;
    }

    private function untilQuiet(Scene $scene): void
    {
        $end = $scene->now + Micros::of(Pace::MOST_UNQUIET_SECONDS);
        $ahead = clone $scene;
        while ($this->untilSomething($ahead, Micros::of(Pace::QUIET_SECONDS)) && $ahead->now <= $end) {
            $this->world->runTo($scene, $ahead->now);
        }
    }

    /**
     * Why something happened: back to the hand or the fault that began it.
     *
     * @return list<Happening> the thing itself first
     */
    public function why(int $id): array
    {
        $chain = [];
        for ($at = $this->happenings[$id] ?? null; null !== $at; $at = $this->happenings[$at->cause] ?? null) {
            $chain[] = $at;
        }

        return $chain;
    }

    /**
     * @return list<Happening> of one kind, in the order of time
     */
    public function all(Happens $kind, ?string $subject = null): array
    {
        return array_values(array_filter(
            $this->happenings,
            static fn(Happening $one): bool => $one->kind === $kind && (null === $subject || $one->subject === $subject),
        ));
    }
}
