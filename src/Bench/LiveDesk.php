<?php

declare(strict_types=1);

namespace IronLatch\Bench;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\BoardFacts;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\Pace;
use IronLatch\Core\Bench\World;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Entity\LiveBenchRecord;
use IronLatch\Storage\OpenBoard;

/** The run that stands on the bench of each board: a script that grows with every act, and is run again from its beginning each time. */
final readonly class LiveDesk
{
    /** Nobody leaves the page open for longer without a look. */
    private const MOST_AHEAD_SECONDS = 24 * 3600.0;

    public function __construct(private EntityManagerInterface $entities) {}

    /** What stands there now; a board that nobody has touched has just been given mains. */
    public function look(OpenBoard $opened, Inspection $inspection): LiveBench
    {
        $record = $this->record($opened);
        $isOther = null !== $record && $record->revisionId() !== $opened->revision->id();
        $script = null === $record ? null : $this->script($record);
        if (null === $script) {
            return new LiveBench(Course::of($inspection, new BenchScript(until: 0.0))->on(Pace::UntilQuiet), true);
        }
        [$course, $leftOut] = self::fitting($inspection, $script);

        return new LiveBench($course, $record->runs(), $isOther ? $record->revisionId() : null, $leftOut);
    }

    /**
     * Something is done at a moment that the page says, and time goes on where it runs.
     *
     * @param ?float $at seconds; null for now
     * @param list<Deed> $deeds their times from that moment
     * @throws \InvalidArgumentException when it cannot be done on this board
     */
    public function act(OpenBoard $opened, Inspection $inspection, ?float $at, bool $runs, array $deeds): LiveBench
    {
        $script = $this->begun($opened, $inspection);
        $now = self::moment($script, $at);
        $script = $script->until($now);
        foreach ($deeds as $deed) {
            $script = $script->with(Copy::of($deed, ['at' => $now + $deed->at]));
        }
        $course = Course::of($inspection, $script);

        return $this->keep($opened, $runs ? $course->on(Pace::UntilQuiet) : $course, $runs);
    }

    /** Time goes on by a step. */
    public function step(OpenBoard $opened, Inspection $inspection, ?float $at, bool $runs, Pace $pace): LiveBench
    {
        $script = $this->begun($opened, $inspection);
        $course = Course::of($inspection, $script->until(self::moment($script, $at)))->on($pace);

        return $this->keep($opened, $course, $runs);
    }

    /** The last act is taken back, with all that came of it. */
    public function takeBack(OpenBoard $opened, Inspection $inspection, bool $runs): LiveBench
    {
        $script = $this->begun($opened, $inspection);
        $deeds = $script->deeds;
        $last = array_pop($deeds);
        $course = Course::of($inspection, Copy::of($script, ['deeds' => $deeds, 'until' => $last->at ?? $script->until]));

        return $this->keep($opened, $course, $runs);
    }

    /**
     * The board is given mains anew, with the facts of another script, or the same.
     *
     * @throws \InvalidArgumentException when a fact of it cannot be had on this board
     */
    public function anew(OpenBoard $opened, Inspection $inspection, BenchScript $script, bool $runs): LiveBench
    {
        $course = Course::of($inspection, $script);

        return $this->keep($opened, [] === $script->deeds && 0.0 === $script->until ? $course->on(Pace::UntilQuiet) : $course, $runs);
    }

    private function begun(OpenBoard $opened, Inspection $inspection): BenchScript
    {
        return $this->look($opened, $inspection)->course->script;
    }

    /** Never before what was done last: what a slower page says counts as now. */
    private static function moment(BenchScript $script, ?float $at): float
    {
        $last = max([0.0, ...array_map(static fn(Deed $one): float => $one->at, $script->deeds)]);

        return null === $at ? $script->until : min(max($at, $last), $script->until + self::MOST_AHEAD_SECONDS);
    }

    /**
     * A run on a board, or by an Iron Latch, that may have changed since: what names something that is gone is left out.
     *
     * @return array{Course, int}
     */
    private static function fitting(Inspection $inspection, BenchScript $script): array
    {
        try {
            return [Course::of($inspection, $script), 0];
        } catch (\InvalidArgumentException) {
            $world = new World(BoardFacts::of($inspection, $script->corner, $script->seed));
            $deeds = array_values(array_filter($script->deeds, $world->knows(...)));
            $leftOut = count($script->deeds) - count($deeds) + count($script->overrides);

            return [Course::of($inspection, Copy::of($script, ['deeds' => $deeds, 'overrides' => []])), $leftOut];
        }
    }

    private function keep(OpenBoard $opened, Course $course, bool $runs): LiveBench
    {
        $text = BenchScriptJson::write($course->script);
        $this->entities->wrapInTransaction(function () use ($opened, $text, $runs): void {
            $record = $this->record($opened);
            if (null === $record) {
                $this->entities->persist(new LiveBenchRecord($opened->record, $opened->revision, $text, $runs));
            } else {
                $record->goesOn($opened->revision, $text, $runs);
            }
        });

        return new LiveBench($course, $runs);
    }

    /** Changes with every act and step: what a page that follows asks for. */
    public function mark(string $board): string
    {
        $record = $this->entities->find(LiveBenchRecord::class, $board);

        return null === $record ? '0' : hash('crc32b', $record->script() . $record->revisionId() . (int) $record->runs());
    }

    private function record(OpenBoard $opened): ?LiveBenchRecord
    {
        return $this->entities->find(LiveBenchRecord::class, $opened->record->id());
    }

    /** What an older Iron Latch left there may not be readable any more: then it begins anew. */
    private function script(LiveBenchRecord $record): ?BenchScript
    {
        try {
            return BenchScriptJson::read($record->script());
        } catch (BoardFileFault) {
            return null;
        }
    }
}
