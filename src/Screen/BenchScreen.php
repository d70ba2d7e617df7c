<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Bench\BenchPapers;
use IronLatch\Bench\LiveDesk;
use IronLatch\Bench\TrialDesk;
use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\View\Bench\BenchDrawing;
use IronLatch\View\TrialView;

/** The trial of a board, and its runs on the bench. */
final readonly class BenchScreen implements Screen
{
    public function __construct(private TrialDesk $desk, private BenchPapers $papers, private LiveDesk $live) {}

    public static function name(): string
    {
        return 'bench';
    }

    public function context(Look $look): array
    {
        $report = $this->desk->known($look->opened);
        $query = $look->request->query;
        $live = [] === $look->inspection->board->lines ? null : $this->live->look($look->opened, $look->inspection);

        return [
            'live' => $live,
            'bench' => null === $live ? null : BenchDrawing::of(
                $live->course,
                $query->has('at') ? $query->getInt('at') : null,
                null,
                $query->getInt('why'),
            ),
            'held' => false,
            'mark' => $this->live->mark($look->opened->record->id()),
            'time_runs' => $live->runs ?? true,
            'trial' => null === $report ? null : TrialView::of($look->inspection, $report),
            'since' => null !== $report && $report->passes() ? null : $this->papers->sincePass($look->opened->revision),
            'runs' => $this->papers->runs($look->opened->revision),
            'script_text' => '',
            'example' => self::example($look),
        ];
    }

    /** A script that does something on this very board. */
    private static function example(Look $look): string
    {
        foreach ($look->inspection->controls->entries as $id => $entry) {
            // One whose line need not rest first.
            if ($entry->kind->isByHand() && null === $look->inspection->board->lines[$entry->line]->safety?->restSeconds) {
                return BenchScriptJson::write(new BenchScript([new Deed(10.0, DeedKind::Press, $id)], 15.0));
            }
        }

        return BenchScriptJson::write(new BenchScript(until: 10.0));
    }
}
