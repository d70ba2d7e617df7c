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
    private function __construct(public BenchScript $script, public BoardFacts $facts, public Scene $scene, public array $happenings) {}

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
        $facts = BoardFacts::of($inspection, $script->corner, $script->seed);
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
        $happenings = [];
        foreach ($scene->log as $one) {
            $happenings[$one->id] = $one;
        }

        return new self($script, $facts, $scene, $happenings);
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
