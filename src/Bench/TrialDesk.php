<?php

declare(strict_types=1);

namespace IronLatch\Bench;

use IronLatch\Board\Inspections;
use IronLatch\Core\Bench\TrialPlan;
use IronLatch\Core\Bench\TrialReport;
use IronLatch\Core\Bench\TrialRun;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Storage\OpenBoard;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Tries a board in slices; what one slice has found is kept until the next, and the whole verdict beside the revision. */
final readonly class TrialDesk
{
    private const FIRST_SECONDS = 0.15;
    private const SLICE_SECONDS = 0.6;

    public function __construct(
        private Inspections $inspections,
        private BenchPapers $papers,
        #[Autowire(service: 'cache.trials')]
        private CacheItemPoolInterface $kept,
    ) {}

    /** What is known after one more slice; all of it at once where that is asked for. */
    public function slice(OpenBoard $opened, bool $isAll = false, bool $isAnew = false): TrialReport
    {
        $run = new TrialRun($this->inspections->of($opened->board));
        $key = sprintf('trial.%s.%s.%d', BenchPapers::documentOf($opened->revision), RuleBook::VERSION, ProgramPlan::VERSION);
        $item = $this->kept->getItem($key);
        $known = $item->get();
        $marks = $isAnew || !is_string($known) ? null : TrialMarks::read($known);
        $results = null === $marks ? [] : $marks->report($run->cells)->results;
        $start = hrtime(true);
        $most = [] === $results ? self::FIRST_SECONDS : self::SLICE_SECONDS;
        while (count($results) < count($run->cells) && ($isAll || (hrtime(true) - $start) / 1e9 < $most)) {
            $results[] = $run->result(count($results));
        }
        $report = new TrialReport($results, count($run->cells), $run->gaps, $run->assumed());
        if ($report->isWhole()) {
            $this->kept->deleteItem($key);
            $this->papers->keep($opened->revision, TrialMarks::of($report));
        } else {
            $this->kept->save($item->set(TrialMarks::of($report)->write()));
        }

        return $report;
    }

    /** The verdict that is kept, beside the plan that it belongs to; null where there is none. */
    public function known(OpenBoard $opened): ?TrialReport
    {
        $marks = $this->papers->verdict($opened->revision);
        if (null === $marks) {
            return null;
        }
        $inspection = $this->inspections->of($opened->board);
        [$cells] = TrialPlan::of($inspection->board, $inspection->controls);
        $report = $marks->report($cells);

        return $report->isWhole() ? $report : null;
    }
}
