<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\EditForm;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FrozenPins;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\WaysOut;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\NothingToDo;
use IronLatch\Storage\OpenBoard;
use IronLatch\Storage\StaleEdit;
use IronLatch\View\BoardScreen;
use IronLatch\View\DriveScreen;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** One board: its screens, its edits, its files. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class BoardController extends AbstractController
{
    public function __construct(
        private readonly BoardStore $store,
        private readonly BoardScreen $screen,
        private readonly EditForm $form,
        private readonly Catalogue $catalogue,
    ) {}

    #[Route('', name: 'board', methods: ['GET'])]
    public function board(string $id): Response
    {
        return $this->redirectToRoute('board_view', ['id' => $id, 'view' => 'lines']);
    }

    #[Route(
        '/{view}',
        name: 'board_view',
        requirements: ['view' => 'lines|pins|drive|power|mains|controls|compare|read|revisions|settings|finding'],
        methods: ['GET'],
    )]
    public function view(Request $request, string $id, string $view): Response
    {
        return $this->screen->render($request, $this->opened($id), $view, $request->query->getString('open'));
    }

    #[Route('/offers', name: 'board_offers', methods: ['GET'])]
    public function offers(Request $request, string $id): Response
    {
        return $this->screen->offers(
            $this->opened($id),
            $request->query->getString('finding'),
            $request->query->getString('view'),
            $request->query->getString('open'),
        );
    }

    #[Route('/edits', name: 'board_edit', methods: ['POST'])]
    public function edit(Request $request, string $id): Response
    {
        return $this->change($request, $id, fn(OpenBoard $opened): Edit => $this->form->read($request->request->all(), $opened->board));
    }

    /** A remedy is named by its finding and its place there; the edit itself is worked out here, from the board it was shown for. */
    #[Route('/remedies', name: 'board_remedy', methods: ['POST'])]
    public function remedy(Request $request, string $id): Response
    {
        return $this->change($request, $id, function (OpenBoard $opened) use ($request): Edit {
            $report = Inspector::withRuleBook()->inspect(new Inspection($opened->board, $this->catalogue));
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
    public function seat(Request $request, string $id): Response
    {
        return $this->change($request, $id, function (OpenBoard $opened) use ($request): Edit {
            $inspection = new Inspection($opened->board, $this->catalogue);
            $way = $request->request->getString('way');
            if ('' === $way) {
                return $inspection->plan->edit();
            }

            return WaysOut::named($inspection, $way)->edit
                ?? throw new EditRefused('This way is not open any more. Look at the comparison again.');
        });
    }

    /** Takes one of the driver circuits that were sized for a relay, sized again here. */
    #[Route('/drive/{actuator}/take', name: 'drive_take', requirements: ['actuator' => 'A\d{1,6}'], methods: ['POST'])]
    public function takeDriver(Request $request, string $id, string $actuator): Response
    {
        return $this->change($request, $id, function (OpenBoard $opened) use ($request, $actuator): Edit {
            if (!isset($opened->board->actuators()[$actuator])) {
                throw new EditRefused('This relay is not on the board any more. Look at the newest revision.');
            }
            foreach ((new DriveScreen(new Inspection($opened->board, $this->catalogue)))->ways($actuator) as $way) {
                if ($way->id === $request->request->getString('way')) {
                    return $way->edit([$actuator]);
                }
            }
            throw new EditRefused('This circuit is not on offer any more. Look at the list again.');
        });
    }

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
        } catch (NothingToDo|\InvalidArgumentException $refused) {
            return $this->answer($request, $this->opened($id), Notice::refused($refused->getMessage()), 422);
        }
        $done = match ($way) {
            'undo' => 'Undone: ' . $left->summary(),
            'redo' => 'Made again: ' . $moved->revision->summary(),
            default => sprintf('Back at revision %d: %s', $moved->revision->number(), $moved->revision->summary()),
        };

        return $this->answer($request, $moved, Notice::done($done));
    }

    #[Route('/board.json', name: 'board_file', methods: ['GET'])]
    public function boardFile(string $id): Response
    {
        $record = $this->store->record($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');

        // As it stands in the store, whether it can be read or not.
        return $this->download($this->store->documentOf($this->store->headOf($record)), 'application/json', $record->name(), 'json');
    }

    #[Route('/pin-list.csv', name: 'board_pin_list', methods: ['GET'])]
    public function pinList(string $id): Response
    {
        $opened = $this->opened($id);
        $report = Inspector::withRuleBook()->inspect(new Inspection($opened->board, $this->catalogue));

        return $this->download(
            PinListCsv::write($opened->board, $report, date('Y-m-d')),
            'text/csv; charset=utf-8',
            $opened->board->name . ' pins',
            'csv',
        );
    }

    /**
     * @param \Closure(OpenBoard): Edit $edit works the edit out from the board at the revision that its maker saw
     */
    private function change(Request $request, string $id, \Closure $edit): Response
    {
        $opened = $this->opened($id);
        $base = $request->request->getString('base');
        try {
            $seen = $this->store->at($opened->record, $base);
            $made = $edit($seen);
            if (!$request->request->getBoolean('frozen')) {
                $moved = FrozenPins::movedBetween($opened->board, $made->apply($opened->board));
                if ([] !== $moved) {
                    return $this->answer(
                        $request,
                        $opened,
                        Notice::frozen($opened->board, $moved, $request->getPathInfo(), $request->request->all()),
                        422,
                    );
                }
            }
            $changed = $this->store->apply($id, $base, $made);
        } catch (StaleEdit $stale) {
            return $this->answer(
                $request,
                $this->opened($id),
                Notice::refused($stale->getMessage(), $stale, $request->request->all()),
                409,
            );
        } catch (EditRefused|\InvalidArgumentException|BoardFileFault $refused) {
            return $this->answer($request, $opened, Notice::refused($refused->getMessage(), fields: $request->request->all()), 422);
        }
        $isUnchanged = $changed->revision->id() === $opened->revision->id();
        $wasElsewhere = !$isUnchanged && $base !== $changed->revision->base()?->id();

        return $this->answer($request, $changed, Notice::done($isUnchanged
            ? 'Nothing changed: it is so already.'
            : $changed->revision->summary() . ($wasElsewhere ? ', on top of what was changed elsewhere' : '')));
    }

    /** htmx gets the changed parts; a browser without scripts is led back to the view, or shown the refusal on it. */
    private function answer(Request $request, OpenBoard $opened, Notice $notice, int $status = 200): Response
    {
        $view = $request->request->getString('view', 'lines');
        $open = $request->request->getString('open');
        if (200 === $status && !$request->headers->has('HX-Request')) {
            return $this->redirectToRoute(
                'board_view',
                ['id' => $opened->record->id(), 'view' => BoardScreen::knownView($view), 'open' => $open],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->screen->render($request, $opened, $view, $open, $notice, $status);
    }

    private function opened(string $id): OpenBoard
    {
        return $this->store->open($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');
    }

    private function download(string $content, string $type, string $name, string $ending): Response
    {
        $plain = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $name), '-');

        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                ('' === $plain ? 'board' : strtolower($plain)) . '.' . $ending,
            ),
        ]);
    }
}
