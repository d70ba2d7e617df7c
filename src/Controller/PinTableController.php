<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\PinTableForm;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FrozenPins;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Exchange\PinTableImport;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\Storage\StaleEdit;
use IronLatch\View\BoardScreen;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** From what a maker has: a pin table, read, shown, corrected, and then made a board or an edit of one. */
final class PinTableController extends AbstractController
{
    public function __construct(
        private readonly BoardStore $store,
        private readonly BoardScreen $screen,
        private readonly PinTableForm $form,
        private readonly Catalogue $catalogue,
    ) {}

    /** A new board: first the rows are shown, then the board is made of those that were confirmed. */
    #[Route('/read', name: 'shelf_read', methods: ['POST'])]
    public function onShelf(Request $request): Response
    {
        $text = $request->request->getString('text');
        $name = trim($request->request->getString('name'));
        $carrier = $this->catalogue->part($request->request->getString('carrier'));
        $rows = $this->form->sent($request->request->all()['rows'] ?? null);
        $notice = null;
        try {
            if (!$carrier instanceof Carrier) {
                throw new EditRefused('Choose the controller from its list.');
            }
            $board = $this->emptyBoard('' === $name ? 'From a pin table' : $name, $carrier);
            if ([] === $rows) {
                $rows = $this->form->read($text, $board->controller());
            } elseif ('make' === $request->request->getString('step')) {
                $made = PinTableImport::edit($board, $this->form->entries($rows))->apply($board);
                $opened = $this->store->create($made, sprintf('Read from a pin table of %d rows', count($rows)));

                return $this->redirectToRoute('board_view', ['id' => $opened->record->id(), 'view' => 'pins'], Response::HTTP_SEE_OTHER);
            }
        } catch (EditRefused|\InvalidArgumentException $refused) {
            $notice = Notice::refused($refused->getMessage());
        }

        return $this->render('read/page.html.twig', [
            ...$this->lists(),
            'text' => $text,
            'name' => $name,
            'carrier' => $carrier instanceof Carrier ? $carrier->identity->id : '',
            'rows' => $rows,
            'carriers' => $this->catalogue->parts(Carrier::class),
            'notice' => $notice,
        ], new Response(status: null === $notice ? 200 : 422));
    }

    /** On a board: the rows, then what they would change, then the edit. */
    #[Route('/boards/{id}/read', name: 'board_read', requirements: ['id' => '[0-9a-f-]{36}'], methods: ['POST'])]
    public function onBoard(Request $request, string $id): Response
    {
        $opened = $this->store->open($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');
        $text = $request->request->getString('text');
        $rows = $this->form->sent($request->request->all()['rows'] ?? null);
        $more = [...$this->lists(), 'text' => $text];
        try {
            if ([] === $rows) {
                $rows = $this->form->read($text, $opened->board->controller());
            } elseif ('make' === $request->request->getString('step')) {
                return $this->make($request, $opened, $rows);
            }
        } catch (EditRefused|\InvalidArgumentException|StaleEdit $refused) {
            return $this->screen->render(
                $request,
                $opened,
                'read',
                '',
                Notice::refused($refused->getMessage()),
                422,
                [...$more, ...([] === $this->form->sent($request->request->all()['rows'] ?? null) ? [] : ['rows' => $rows])],
            );
        }

        return $this->screen->render(
            $request,
            $opened,
            'read',
            more: [...$more, 'rows' => $rows, 'preview' => $this->preview($opened->board, $rows)],
        );
    }

    /**
     * @param list<array{line: string, text: string, name: string, kind: string, pin: string, choices: array<string, string>, appliance: string, doubt: string, take: bool}> $rows
     */
    private function make(Request $request, OpenBoard $opened, array $rows): Response
    {
        $edit = PinTableImport::edit($opened->board, $this->form->entries($rows));
        $moved = FrozenPins::movedBetween($opened->board, $edit->apply($opened->board));
        if ([] !== $moved) {
            throw new EditRefused(sprintf(
                'The pin map is frozen, and this would move %d of its functions. Let the frozen map go first, or leave those rows out.',
                count($moved),
            ));
        }
        $changed = $this->store->apply($opened->record->id(), $request->request->getString('base'), $edit);
        if (!$request->headers->has('HX-Request')) {
            return $this->redirectToRoute('board_view', ['id' => $opened->record->id(), 'view' => 'pins'], Response::HTTP_SEE_OTHER);
        }

        return $this->screen->render($request, $changed, 'pins', '', Notice::done($changed->revision->summary()));
    }

    /**
     * @param list<array{line: string, text: string, name: string, kind: string, pin: string, choices: array<string, string>, appliance: string, doubt: string, take: bool}> $rows
     * @return array{fault: string, changes: list<string>, new: list<Finding>, gone: list<Finding>}
     */
    private function preview(Board $board, array $rows): array
    {
        try {
            $edit = PinTableImport::edit($board, $this->form->entries($rows));
            $changes = [];
            $after = $board;
            foreach ($edit->edits as $one) {
                $next = $one->apply($after);
                if ($next->seats !== $after->seats || $next->functions !== $after->functions || $next->lines !== $after->lines) {
                    $changes[] = $one->summary($after);
                }
                $after = $next;
            }
        } catch (EditRefused|\InvalidArgumentException $refused) {
            return ['fault' => $refused->getMessage(), 'changes' => [], 'new' => [], 'gone' => []];
        }
        $before = $this->report($board);
        $then = $this->report($after);

        return [
            'fault' => '',
            'changes' => $changes,
            'new' => $then->findingsMissingFrom($before),
            'gone' => $before->findingsMissingFrom($then),
        ];
    }

    private function report(Board $board): Report
    {
        return Inspector::withRuleBook()->inspect(new Inspection($board, $this->catalogue));
    }

    /**
     * @return array<string, mixed>
     */
    private function lists(): array
    {
        return [
            'all_kinds' => array_filter(
                FunctionKind::cases(),
                static fn(FunctionKind $kind): bool => !in_array(
                    $kind,
                    [FunctionKind::SelectorLadder, FunctionKind::SelectorPosition],
                    true,
                ),
            ),
            'appliances' => $this->catalogue->parts(Appliance::class),
        ];
    }

    private function emptyBoard(string $name, Carrier $carrier): Board
    {
        $part = fn(string $id): mixed => $this->catalogue->part($id);
        [$chip, $mains, $supply, $relay, $transistor] = [
            $part($carrier->chip),
            $part('mains-230'),
            $part('module-5v-10w'),
            $part('reinforced-5v'),
            $part('npn-2n2222'),
        ];
        if (
            !$chip instanceof Chip
            || !$mains instanceof MainsSystem
            || !$supply instanceof Supply
            || !$relay instanceof Relay
            || !$transistor instanceof Transistor
        ) {
            throw new EditRefused(
                'The catalogue lacks a part that a new board starts with. Make an empty board instead, and read the table in there.',
            );
        }

        return NewBoard::with($name, $carrier, $chip, $mains, $supply, $relay, $transistor);
    }
}
