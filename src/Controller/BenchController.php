<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Bench\BenchPapers;
use IronLatch\Bench\TrialDesk;
use IronLatch\Board\Inspections;
use IronLatch\Core\Bench\Course;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\TraceJson;
use IronLatch\Core\Exchange\TraceVcd;
use IronLatch\Entity\BenchRunRecord;
use IronLatch\Export\Exports;
use IronLatch\Screen\BenchScreen;
use IronLatch\Screen\BoardScreen;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\TrialView;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The trial of a board, slice by slice, and its runs on the bench. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class BenchController extends AbstractController
{
    private const MOST_SHOWN = 2_000;

    public function __construct(
        private readonly TrialDesk $desk,
        private readonly BenchPapers $papers,
        private readonly BoardStore $store,
        private readonly BoardScreen $screen,
        private readonly Inspections $inspections,
    ) {}

    /** One more slice of the trial; a browser without scripts waits for all of it. */
    #[Route('/trial', name: 'board_trial', methods: ['POST'])]
    public function trial(Request $request, OpenBoard $opened): Response
    {
        $isAnew = $request->request->getBoolean('anew');
        if (!$request->headers->has('HX-Request')) {
            $this->desk->slice($opened, true, $isAnew);

            return $this->redirectToRoute(
                'board_view',
                ['id' => $opened->record->id(), 'view' => BenchScreen::name()],
                Response::HTTP_SEE_OTHER,
            );
        }
        $report = $this->desk->slice($opened, isAnew: $isAnew);
        if ($report->isWhole()) {
            // The latch has changed as well: the whole stage is drawn anew, whoever asked for the last slice.
            $whole = $this->screen->render($request, $opened, BenchScreen::name());
            $whole->headers->set('HX-Retarget', '#stage');

            return $whole;
        }
        $response = $this->render('bench/_trial.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'trial' => TrialView::of($this->inspections->of($opened->board), $report),
        ]);
        $response->headers->set('HX-Retarget', '#trial');

        return $response;
    }

    #[Route('/runs', name: 'board_run', methods: ['POST'])]
    public function keep(Request $request, OpenBoard $opened): Response
    {
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile && $file->isValid() ? $file->getContent() : $request->request->getString('script');
        $name = trim($request->request->getString('name'));
        try {
            $script = BenchScriptJson::read($text);
            // What cannot be run is not kept.
            Course::of($this->inspections->of($opened->board), $script);
        } catch (BoardFileFault|\InvalidArgumentException $fault) {
            return $this->screen->refusal($request, $opened, BenchScreen::name(), $fault, ['script_text' => $text]);
        }
        $run = $this->papers->keepRun(
            $opened->revision,
            mb_substr('' === $name ? sprintf('Run of revision %d', $opened->revision->number()) : $name, 0, 120),
            BenchScriptJson::write($script),
        );

        return $this->redirectToRoute('board_run_view', ['id' => $opened->record->id(), 'run' => $run->id()], Response::HTTP_SEE_OTHER);
    }

    /** Everything that happened in a run, on the revision that it was made on. */
    #[Route('/runs/{run}', name: 'board_run_view', requirements: ['run' => '[0-9a-f-]{36}'], methods: ['GET'])]
    public function show(Request $request, OpenBoard $opened, string $run): Response
    {
        return $this->told($request, $opened, $run, fn(BenchRunRecord $record, Course $course): Response => $this->render(
            'bench/run.html.twig',
            [
                'opened' => $opened,
                'board' => $opened->board,
                'run' => $record,
                'course' => $course,
                'shown' => array_slice($course->happenings, 0, self::MOST_SHOWN, true),
            ],
        ));
    }

    #[Route(
        '/runs/{run}.{form}',
        name: 'board_run_file',
        requirements: ['run' => '[0-9a-f-]{36}', 'form' => 'json|vcd|txt'],
        methods: ['GET'],
    ),]
    public function trace(Request $request, OpenBoard $opened, string $run, string $form): Response
    {
        return $this->told(
            $request,
            $opened,
            $run,
            static fn(BenchRunRecord $record, Course $course): Response => self::traced($record, $course, $form),
        );
    }

    private static function traced(BenchRunRecord $record, Course $course, string $form): Response
    {
        [$type, $text] = match ($form) {
            'json' => ['application/json', TraceJson::write($course)],
            'vcd' => ['text/plain; charset=utf-8', TraceVcd::write($course)],
            default => ['text/plain; charset=utf-8', TraceJson::text($course)],
        };

        return new Response($text, headers: [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', Exports::fileName($record->name(), $form), 'run.' . $form),
        ]);
    }

    #[Route('/runs/{run}/remove', name: 'board_run_remove', requirements: ['run' => '[0-9a-f-]{36}'], methods: ['POST'])]
    public function remove(OpenBoard $opened, string $run): Response
    {
        $this->papers->removeRun($this->run($opened, $run));

        return $this->redirectToRoute(
            'board_view',
            ['id' => $opened->record->id(), 'view' => BenchScreen::name()],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function run(OpenBoard $opened, string $run): BenchRunRecord
    {
        return $this->papers->run($opened->revision, $run) ?? throw $this->createNotFoundException('This run is not kept any more.');
    }

    /**
     * A kept run, told; one that this Iron Latch cannot run any more is refused on the bench, where it can be removed.
     *
     * @param callable(BenchRunRecord, Course): Response $answer
     */
    private function told(Request $request, OpenBoard $opened, string $run, callable $answer): Response
    {
        $record = $this->run($opened, $run);
        try {
            $course = $this->course($opened, $record);
        } catch (BoardFileFault|\InvalidArgumentException $fault) {
            return $this->screen->refusal($request, $opened, BenchScreen::name(), new \InvalidArgumentException(sprintf(
                '“%s” was kept by an earlier Iron Latch and cannot be run any more; remove it from the kept runs. %s',
                $record->name(),
                $fault->getMessage(),
            )));
        }

        return $answer($record, $course);
    }

    /** @throws BoardFileFault|\InvalidArgumentException when it cannot be run any more */
    private function course(OpenBoard $opened, BenchRunRecord $record): Course
    {
        $board = $record->revision()->id() === $opened->revision->id()
            ? $opened->board
            : $this->store->at($opened->record, $record->revision()->id())->board;

        return Course::of($this->inspections->of($board), BenchScriptJson::read($record->script()));
    }
}
