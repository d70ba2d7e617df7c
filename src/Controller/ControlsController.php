<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FrozenPins;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Control\ReceiverLog;
use IronLatch\Core\Control\SimulatedRemote;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Drift;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\Storage\StaleEdit;
use IronLatch\View\BoardScreen;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What Controls reads in and hands over: receiver logs, constants in use, constants of the board, set-up sheets. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class ControlsController extends AbstractController
{
    public function __construct(
        private readonly BoardStore $store,
        private readonly BoardScreen $screen,
        private readonly Catalogue $catalogue,
    ) {}

    /** Reads a receiver’s log, lets the simulated remote add to it, and assigns a key that was seen in it. */
    #[Route('/receiver-log', name: 'controls_log', methods: ['POST'])]
    public function log(Request $request, string $id): Response
    {
        $opened = $this->opened($id);
        $fields = $request->request;
        $text = $fields->getString('text');
        $notice = null;
        try {
            if ('' !== $fields->getString('press')) {
                $text = rtrim($text) . ('' === trim($text) ? '' : "\n") . SimulatedRemote::pressed($fields->getString('press'));
            }
            if ('' !== $fields->getString('surface')) {
                $edit = new AssignCode(
                    $fields->getString('surface'),
                    $fields->getString('code'),
                    InfraredEncoding::tryFrom($fields->getString('encoding')) ?? InfraredEncoding::PulseDistance,
                    $fields->getInt('bits', 32),
                    $fields->getBoolean('forOff'),
                );
                $opened = $this->made($opened, $fields->getString('base'), $edit);
                $notice = Notice::done($opened->revision->summary());
            }

            return $this->screen->render(
                $request,
                $opened,
                'controls',
                $fields->getString('open'),
                $notice,
                more: ['log' => ReceiverLog::read($text), 'log_text' => $text],
            );
        } catch (EditRefused|\InvalidArgumentException|StaleEdit $refused) {
            return $this->screen->render(
                $request,
                $opened,
                'controls',
                $fields->getString('open'),
                Notice::refused($refused->getMessage()),
                422,
                ['log_text' => $text],
            );
        }
    }

    /** Holds the board against constants in use, and adopts what they say of one thing. */
    #[Route('/drift', name: 'controls_drift', methods: ['POST'])]
    public function drift(Request $request, string $id): Response
    {
        $opened = $this->opened($id);
        $fields = $request->request;
        $text = $fields->getString('text');
        $notice = null;
        try {
            if ('' !== $fields->getString('adopt')) {
                $seen = $this->store->at($opened->record, $fields->getString('base'));
                $edit = Drift::adopt(
                    new Inspection($seen->board, $this->catalogue),
                    $text,
                    $fields->getString('adopt'),
                ) ?? throw new EditRefused('The board cannot say this. Change it in the program instead.');
                $opened = $this->made($opened, $fields->getString('base'), $edit);
                $notice = Notice::done($opened->revision->summary());
            }

            return $this->screen->render(
                $request,
                $opened,
                'controls',
                $fields->getString('open'),
                $notice,
                more: ['drift' => Drift::between(new Inspection($opened->board, $this->catalogue), $text), 'drift_text' => $text],
            );
        } catch (EditRefused|\InvalidArgumentException|StaleEdit $refused) {
            return $this->screen->render(
                $request,
                $opened,
                'controls',
                $fields->getString('open'),
                Notice::refused($refused->getMessage()),
                422,
                ['drift_text' => $text],
            );
        }
    }

    #[Route('/constants.{form}', name: 'controls_constants', requirements: ['form' => 'h|env|json'], methods: ['GET'])]
    public function constants(string $id, string $form): Response
    {
        $opened = $this->opened($id);
        $inspection = new Inspection($opened->board, $this->catalogue);
        $report = Inspector::withRuleBook()->inspect($inspection);
        $constants = Constants::of($inspection);
        $remarks = $this->remarks($opened, $report, 'Constants');
        $beside = Headline::besideLines($opened->board, $report);

        return match ($form) {
            'h' => $this->download(ConstantsFile::header($constants, $remarks, $beside), 'text/plain; charset=utf-8', 'board.h'),
            'env' => $this->download(ConstantsFile::keyValues($constants, $remarks, $beside), 'text/plain; charset=utf-8', 'board.env'),
            default => $this->download(ConstantsFile::json($constants, $remarks, $beside), 'application/json', 'constants.json'),
        };
    }

    /** Placeholders only; what is filled in never comes back here. */
    #[Route('/secrets.example.h', name: 'controls_secrets', methods: ['GET'])]
    public function secrets(string $id): Response
    {
        return $this->download(Secrets::header($this->opened($id)->board), 'text/plain; charset=utf-8', 'secrets.example.h');
    }

    #[Route('/sheets/{column}.csv', name: 'controls_sheet_csv', requirements: ['column' => '[A-Za-z0-9]{1,8}'], methods: ['GET'])]
    public function sheetAsCsv(string $id, string $column): Response
    {
        $opened = $this->opened($id);
        [$sheet, $remarks] = $this->sheet($opened, $column);

        return $this->download(
            $sheet->csv($remarks),
            'text/csv; charset=utf-8',
            'set-up-' . strtolower($column) . '.csv',
        );
    }

    #[Route('/sheets/{column}', name: 'controls_sheet', requirements: ['column' => '[A-Za-z0-9]{1,8}'], methods: ['GET'])]
    public function sheetToPrint(string $id, string $column): Response
    {
        $opened = $this->opened($id);
        [$sheet, $remarks] = $this->sheet($opened, $column);

        return $this->render(
            'controls/sheet.html.twig',
            ['opened' => $opened, 'board' => $opened->board, 'sheet' => $sheet, 'remarks' => $remarks],
        );
    }

    /**
     * @return array{SetUpSheet, list<string>} a sheet and its remarks
     */
    private function sheet(OpenBoard $opened, string $column): array
    {
        $inspection = new Inspection($opened->board, $this->catalogue);
        $report = Inspector::withRuleBook()->inspect($inspection);
        $sheet = SetUpSheet::all($inspection, $report)[$column]
            ?? throw $this->createNotFoundException('This surface is not on the board any more, or no line is on it.');

        return [$sheet, $this->remarks($opened, $report, 'Set-up of ' . $sheet->title)];
    }

    /**
     * @return list<string>
     */
    private function remarks(OpenBoard $opened, Report $report, string $what): array
    {
        return [
            Headline::of($what, $opened->board, $report, date('Y-m-d')),
            'Revision ' . $opened->revision->number() . '.',
            ...Headline::notes($opened->board, $report),
        ];
    }

    private function made(OpenBoard $opened, string $base, Edit $edit): OpenBoard
    {
        $moved = FrozenPins::movedBetween($opened->board, $edit->apply($opened->board));
        if ([] !== $moved) {
            throw new EditRefused('The pin map is frozen, and this would move a function. Let the frozen map go on Pins first.');
        }

        return $this->store->apply($opened->record->id(), $base, $edit);
    }

    private function opened(string $id): OpenBoard
    {
        return $this->store->open($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');
    }

    private function download(string $content, string $type, string $name): Response
    {
        return new Response(
            $content,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name)],
        );
    }
}
