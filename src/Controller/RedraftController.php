<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\BoardChanges;
use IronLatch\Board\Inspections;
use IronLatch\Brief\BriefForm;
use IronLatch\Brief\BriefWords;
use IronLatch\Brief\DraftDesk;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Brief\Redrafter;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Review\Inspector;
use IronLatch\Screen\BoardScreen;
use IronLatch\Screen\BriefScreen;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Notice;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A board follows its changed brief: first what would become of it is shown, then it is made. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final readonly class RedraftController
{
    public function __construct(
        private BriefForm $form,
        private BriefWords $words,
        private DraftDesk $desk,
        private BoardChanges $changes,
        private BoardScreen $screen,
        private Inspections $inspections,
        private Catalogue $catalogue,
    ) {}

    #[Route('/brief/changes', name: 'brief_changes', methods: ['POST'])]
    public function show(Request $request, OpenBoard $opened): Response
    {
        try {
            $fields = $request->request;
            $brief = 'sentence' === $fields->getString('from')
                ? $this->form->sentence($fields->getString('words'))->brief
                : $this->form->read($fields->all());
            $redraft = $this->redrafter()->redraft($opened->board, $brief);
        } catch (\InvalidArgumentException $fault) {
            throw new EditRefused($fault->getMessage(), previous: $fault);
        }
        $before = Inspector::withRuleBook()->inspect($this->inspections->of($opened->board));
        $after = Inspector::withRuleBook()->inspect($this->inspections->of($redraft->after));

        return $this->screen->render($request, $opened, BriefScreen::name(), '', null, 200, [
            'brief' => $redraft->after->brief ?? $brief,
            'reading' => $this->words->reading($brief),
            'carried' => $this->form->carried($brief),
            'redraft' => $redraft,
            'program_change' => ProgramChange::ofBoards($opened->board, $redraft->after),
            'compared' => ['new' => $after->findingsMissingFrom($before), 'gone' => $before->findingsMissingFrom($after)],
        ]);
    }

    #[Route('/brief/follow', name: 'brief_follow', methods: ['POST'])]
    public function make(Request $request, OpenBoard $opened): Response
    {
        $edit = function (OpenBoard $seen) use ($request): Edit {
            try {
                return $this->redrafter()->redraft($seen->board, $this->form->taken($request->request->getString('brief')))->edit;
            } catch (\InvalidArgumentException $fault) {
                throw new EditRefused($fault->getMessage(), previous: $fault);
            }
        };
        $fields = $request->request;
        $change = $this->changes->make($opened, $fields->getString('base'), $edit, $fields->getBoolean('frozen'));

        return $this->screen->answer($request, $change->opened, Notice::done($change->words));
    }

    private function redrafter(): Redrafter
    {
        return new Redrafter($this->catalogue, $this->desk->stock());
    }
}
