<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\Inspections;
use IronLatch\Core\Bench\Show\Demonstrations;
use IronLatch\Core\Bench\Show\Showing;
use IronLatch\Core\Bench\TrialRun;
use IronLatch\Core\Exchange\TrialPaper;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Bench\BenchPicture;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What would happen: findings played on the bench beside their remedies, and cells of the trial at the moment they fail. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class ShowController extends AbstractController
{
    public function __construct(private readonly Inspections $inspections) {}

    /** The findings of a board that have something to see: each has been run. */
    #[Route('/bench/shows', name: 'board_shows', methods: ['GET'])]
    public function all(Request $request, OpenBoard $opened): Response
    {
        $inspection = $this->inspections->of($opened->board);
        $shown = array_values(array_filter(
            Inspector::withRuleBook()->inspect($inspection)->findings,
            static fn(Finding $one): bool => Showing::isOf($inspection, $one),
        ));

        return $this->render($request->headers->has('HX-Request') ? 'bench/_shows.html.twig' : 'bench/shows.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'findings' => $shown,
        ]);
    }

    /** One finding: as the board is, and with what keeps it from happening. */
    #[Route('/bench/show', name: 'board_show', methods: ['GET'])]
    public function show(Request $request, OpenBoard $opened): Response
    {
        $inspection = $this->inspections->of($opened->board);
        $finding = Inspector::withRuleBook()->inspect($inspection)->finding($request->query->getString('finding'));
        $showing = null === $finding ? null : Showing::of($inspection, $finding);

        return $this->render('bench/show.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'finding' => $finding,
            'showing' => $showing,
            'isKnown' => null !== $finding && $this->isKnown($inspection, $finding),
            'faulty' => null === $showing ? null : BenchPicture::of(
                $showing->faulty,
                null,
                $showing->fromMicros() - 1,
                null,
                $showing->lines,
            ),
            'mended' => null === $showing?->mended
                ? null
                : BenchPicture::of($showing->mended, null, $showing->fromMicros() - 1, null, $showing->lines),
        ]);
    }

    private function isKnown(Inspection $inspection, Finding $finding): bool
    {
        return null !== Demonstrations::of($inspection, $finding->rule->id, $finding->subject);
    }

    /** A cell of the trial once more, at the moment when it fails, or another. */
    #[Route('/bench/trial/{place}', name: 'board_replay', requirements: ['place' => '\d{1,6}'], methods: ['GET'])]
    public function replay(Request $request, OpenBoard $opened, int $place): Response
    {
        $inspection = $this->inspections->of($opened->board);
        $run = new TrialRun($inspection);
        if (!isset($run->cells[$place])) {
            throw $this->createNotFoundException('The trial of this board has no such cell. Look at the trial again.');
        }
        $replay = $run->replay($place);
        $query = $request->query;

        return $this->render('bench/replay.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'replay' => $replay,
            'of_cell' => $place,
            'title' => TrialPaper::title($inspection->board, $inspection->controls, $replay->result),
            'picture' => BenchPicture::ofReplay(
                $run->facts,
                $replay,
                $query->has('at') ? $query->getInt('at') : null,
                $query->getInt('why'),
            ),
        ]);
    }
}
