<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\BoardChanges;
use IronLatch\Board\EditForm;
use IronLatch\Board\Inspections;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Review\Board\Alternatives;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\WaysOut;
use IronLatch\Screen\BoardScreen;
use IronLatch\Screen\LinesScreen;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\DriveDrawing;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One board: its screens and its edits. What is refused is answered by RefusedChange. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class BoardController extends AbstractController
{
    public function __construct(
        private readonly BoardStore $store,
        private readonly BoardChanges $changes,
        private readonly BoardScreen $screen,
        private readonly EditForm $form,
        private readonly Inspections $inspections,
    ) {}

    #[Route('', name: 'board', methods: ['GET'])]
    public function board(string $id): Response
    {
        return $this->redirectToRoute('board_view', ['id' => $id, 'view' => LinesScreen::name()]);
    }

    #[Route('/offers', name: 'board_offers', methods: ['GET'])]
    public function offers(Request $request, OpenBoard $opened): Response
    {
        $query = $request->query;

        return $this->screen->offers(
            $opened,
            $query->getString('finding'),
            $query->getString('view'),
            $query->getString('open'),
            $query->getBoolean('each'),
        );
    }

    /** After all other addresses of a board, for any name of a screen. */
    #[Route('/{view}', name: 'board_view', requirements: ['view' => '[a-z]+(-[a-z]+)*'], methods: ['GET'], priority: -1)]
    public function view(Request $request, OpenBoard $opened, string $view): Response
    {
        return $this->screen->known($view) === $view
            ? $this->screen->render($request, $opened, $view, $request->query->getString('open'))
            : throw $this->createNotFoundException('There is no such view of a board.');
    }

    #[Route('/edits', name: 'board_edit', methods: ['POST'])]
    public function edit(Request $request, OpenBoard $opened): Response
    {
        return $this->change($request, $opened, fn(OpenBoard $seen): Edit => $this->form->read($request->request->all(), $seen->board));
    }

    /** A remedy is named by its finding and its place there; the edit itself is worked out here, from the board it was shown for. */
    #[Route('/remedies', name: 'board_remedy', methods: ['POST'])]
    public function remedy(Request $request, OpenBoard $opened): Response
    {
        return $this->change($request, $opened, function (OpenBoard $seen) use ($request): Edit {
            $report = Inspector::withRuleBook()->inspect($this->inspections->of($seen->board));
            $key = $request->request->getString('finding');
            if ($request->request->getBoolean('all')) {
                $forAll = $report->groupOf($key)?->remedyForAll();
                if (null !== $forAll) {
                    return $forAll->edit;
                }
            }
            $remedy = $report->finding($key)?->remedies()[$request->request->getInt('remedy')] ?? null;

            return $remedy->edit
                ?? throw new EditRefused('This finding is gone, or has no such remedy any more. Look at the newest findings.');
        });
    }

    /** Seats every function anew, or takes one of the ways out, worked out here from the board it was shown for. */
    #[Route('/seat', name: 'board_seat', methods: ['POST'])]
    public function seat(Request $request, OpenBoard $opened): Response
    {
        return $this->change($request, $opened, function (OpenBoard $seen) use ($request): Edit {
            $inspection = $this->inspections->of($seen->board);
            $way = $request->request->getString('way');
            if ('' === $way) {
                return $inspection->plan->edit();
            }

            return WaysOut::named($inspection, $way)->edit
                ?? throw new EditRefused('This way is not open any more. Look at the comparison again.');
        });
    }

    /** Lays parts down on the plan: all anew, or those that have no place yet. */
    #[Route('/place', name: 'board_place', methods: ['POST'])]
    public function place(Request $request, OpenBoard $opened): Response
    {
        return $this->change($request, $opened, function (OpenBoard $seen) use ($request): Edit {
            $layout = $this->inspections->of($seen->board)->layout();
            if (null === $layout?->space) {
                throw new EditRefused('State how it is built and which box it lies in first.');
            }
            $kept = $request->request->getBoolean('anew') ? [] : $seen->board->build->places;
            $places = (new Placer($layout))->places($kept);

            return null === $places
                ? throw new EditRefused(
                    'No layout was found in which all of it fits. Take a larger box, or look at what the findings propose.',
                )
                : new PlaceParts($places);
        });
    }

    /** Buys another part for a row of the parts list, tried again here. */
    #[Route('/swap', name: 'board_swap', methods: ['POST'])]
    public function swap(Request $request, OpenBoard $opened): Response
    {
        return $this->change($request, $opened, function (OpenBoard $seen) use ($request): Edit {
            $inspection = $this->inspections->of($seen->board);
            $row = $inspection->partsList()->rowOf($request->request->getString('designator'));
            $report = Inspector::withRuleBook()->inspect($inspection);
            foreach (null === $row ? [] : Alternatives::of($inspection, $report, $row) as $other) {
                if ($other->part->identity()->id === $request->request->getString('part')) {
                    return $other->edit;
                }
            }
            throw new EditRefused('This part is not on offer any more. Look at the list again.');
        });
    }

    /** Takes one of the driver circuits that were sized for a relay, sized again here. */
    #[Route('/drive/{actuator}/take', name: 'drive_take', requirements: ['actuator' => 'A\d{1,6}'], methods: ['POST'])]
    public function takeDriver(Request $request, OpenBoard $opened, string $actuator): Response
    {
        return $this->change($request, $opened, function (OpenBoard $seen) use ($request, $actuator): Edit {
            if (!isset($seen->board->actuators()[$actuator])) {
                throw new EditRefused('This relay is not on the board any more. Look at the newest revision.');
            }
            foreach ((new DriveDrawing($this->inspections->of($seen->board)))->ways($actuator) as $way) {
                if ($way->id === $request->request->getString('way')) {
                    return $way->edit([$actuator]);
                }
            }
            throw new EditRefused('This circuit is not on offer any more. Look at the list again.');
        });
    }

    /** Works on a board that cannot be read, too: the way back is open. */
    #[Route('/{way}', name: 'board_move', requirements: ['way' => 'undo|redo|goto'], methods: ['POST'])]
    public function move(Request $request, string $id, string $way): Response
    {
        $record = $this->store->record($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');
        $left = $this->store->headOf($record);
        try {
            $moved = match ($way) {
                'undo' => $this->store->undo($id),
                'redo' => $this->store->redo($id),
                default => $this->store->goTo($id, $request->request->getString('revision')),
            };
        } catch (\InvalidArgumentException $fault) {
            throw new EditRefused($fault->getMessage(), previous: $fault);
        }

        return $this->screen->answer($request, $moved, Notice::done(match ($way) {
            'undo' => 'Undone: ' . $left->summary(),
            'redo' => 'Made again: ' . $moved->revision->summary(),
            default => sprintf('Back at revision %d: %s', $moved->revision->number(), $moved->revision->summary()),
        }));
    }

    /**
     * @param \Closure(OpenBoard): Edit $edit works the edit out from the board at the revision that its maker saw
     */
    private function change(Request $request, OpenBoard $opened, \Closure $edit): Response
    {
        $fields = $request->request;
        $change = $this->changes->make($opened, $fields->getString('base'), $edit, $fields->getBoolean('frozen'));

        return $this->screen->answer($request, $change->opened, Notice::done($change->words));
    }
}
