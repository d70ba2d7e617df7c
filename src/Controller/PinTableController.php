<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\BoardChanges;
use IronLatch\Board\CarrierOfPins;
use IronLatch\Board\PinTableForm;
use IronLatch\Board\UsualStart;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Exchange\PinTableImport;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Screen\BoardScreen;
use IronLatch\Screen\PinsScreen;
use IronLatch\Screen\ReadScreen;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * From what a maker has: a pin table, read, shown, corrected, and then made a board or an edit of one.
 *
 * @phpstan-import-type FormRow from PinTableForm
 */
final class PinTableController extends AbstractController
{
    public function __construct(
        private readonly BoardStore $store,
        private readonly BoardChanges $changes,
        private readonly BoardScreen $screen,
        private readonly PinTableForm $form,
        private readonly UsualStart $start,
        private readonly CarrierOfPins $pins,
        private readonly Catalogue $catalogue,
    ) {}

    /** A new board: first the rows are shown, then the board is made of those that were confirmed. */
    #[Route('/read', name: 'shelf_read', methods: ['POST'])]
    public function onShelf(Request $request): Response
    {
        $text = $request->request->getString('text');
        $name = trim($request->request->getString('name'));
        $fields = $request->request;
        $carrier = $this->catalogue->part($fields->getString('carrier'));
        $rows = $this->form->sent($fields->all()['rows'] ?? null);
        $notice = null;
        try {
            if ('' === $fields->getString('carrier')) {
                $known = $this->pins->known($text);
                $best = (string) array_key_first($known);
                $carrier = $this->catalogue->part($best);
                $notice = Notice::done(sprintf(
                    '%s knows %d of the pins that are named. Choose another below, and read again.',
                    $carrier?->identity()->name ?? $best,
                    $known[$best],
                ));
            }
            if (!$carrier instanceof Carrier) {
                throw new EditRefused('Choose the controller from its list.');
            }
            $board = $this->start->board(
                '' === $name ? 'From a pin table' : $name,
                $carrier->identity->id,
                $fields->getString('mains'),
            );
            if ([] === $rows) {
                $rows = $this->form->read($text, $board->controller());
            } elseif ('make' === $request->request->getString('step')) {
                $made = $this->asAsked(PinTableImport::edit($board, $this->form->entries($rows))->apply($board), $fields);
                $opened = $this->store->create($made, sprintf('Read from a pin table of %d rows', count($rows)));

                return $this->redirectToRoute(
                    'board_view',
                    ['id' => $opened->record->id(), 'view' => PinsScreen::name()],
                    Response::HTTP_SEE_OTHER,
                );
            }
        } catch (EditRefused|\InvalidArgumentException $refused) {
            $notice = Notice::refused($refused->getMessage());
        }

        return $this->render('read/page.html.twig', [
            ...$this->form->lists(),
            'text' => $text,
            'name' => $name,
            'carrier' => $carrier instanceof Carrier ? $carrier->identity->id : '',
            'rows' => $rows,
            'carriers' => $this->catalogue->parts(Carrier::class),
            'asked' => array_map($fields->getString(...), ['mains' => 'mains', 'level' => 'level', 'module' => 'module']),
            'notice' => $notice,
        ], new Response(status: true === $notice?->isRefusal ? 422 : 200));
    }

    /**
     * What is asked once for all relays of the table; what is left open stays as is usual.
     *
     * @param InputBag<bool|float|int|string> $fields
     */
    private function asAsked(Board $board, InputBag $fields): Board
    {
        $relays = array_keys($board->actuators());
        $module = $this->catalogue->part($fields->getString('module'));
        $level = Level::tryFrom($fields->getString('level'));
        if ([] !== $relays && $module instanceof OptoModule) {
            $board = (new DriveByModule($relays, $module))->apply($board);
        }

        return [] !== $relays && null !== $level ? (new StateActiveLevel($relays, $level))->apply($board) : $board;
    }

    /** On a board: the rows, then what they would change, then the edit. */
    #[Route(
        '/boards/{id}/read',
        name: 'board_read',
        requirements: ['id' => '[0-9a-f-]{36}'],
        defaults: ['_view' => 'read'],
        methods: ['POST'],
    )]
    public function onBoard(Request $request, OpenBoard $opened): Response
    {
        $fields = $request->request;
        $rows = $this->form->sent($fields->all()['rows'] ?? null);
        if ([] !== $rows && 'make' === $fields->getString('step')) {
            $change = $this->changes->make(
                $opened,
                $fields->getString('base'),
                fn(OpenBoard $seen): Edit => PinTableImport::edit($seen->board, $this->form->entries($rows)),
                $fields->getBoolean('frozen'),
            );
            $fields->set('view', PinsScreen::name());

            return $this->screen->answer($request, $change->opened, Notice::done($change->words));
        }
        $rows = [] === $rows ? $this->form->read($fields->getString('text'), $opened->board->controller()) : $rows;

        return $this->screen->render(
            $request,
            $opened,
            ReadScreen::name(),
            more: ['rows' => $rows, 'preview' => $this->preview($opened->board, $rows)],
        );
    }

    /**
     * @param list<FormRow> $rows
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
}
