<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Bench\BenchPapers;
use IronLatch\Board\Inspections;
use IronLatch\Core\Exchange\MessageTable;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Exchange\SheetStep;
use IronLatch\Core\Wiring\Sheet\Sheets;
use IronLatch\Export\Archive;
use IronLatch\Export\ExportFile;
use IronLatch\Export\Exports;
use IronLatch\Export\Handover;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\SheetPicture;
use IronLatch\View\WiringDrawing;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What a board hands over, as files; and the set-up sheets as pages to print. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class ExportController extends AbstractController
{
    private const WORD = '[a-z.]{1,20}(:[A-Za-z0-9-]{1,10})?';
    private const PICTURE = 'image/svg+xml';
    private const PREVIEW_LINES = 40;
    /** Pages that are printed bring their styles along, and nothing else. */
    private const PIECE_POLICY = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'";

    public function __construct(
        private readonly BoardStore $store,
        private readonly Inspections $inspections,
        private readonly Exports $exports,
        private readonly BenchPapers $bench,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/exports/{what}', name: 'board_export', requirements: ['what' => self::WORD], methods: ['GET'])]
    public function export(Request $request, OpenBoard $opened, string $what): Response
    {
        $file = $this->exports->file($this->handover($opened, $request), $what)
            ?? throw $this->createNotFoundException('The board has nothing of this kind to hand over any more.');

        return self::download($file);
    }

    /** A piece as it is read or printed, and not taken. */
    #[Route('/pieces/{what}', name: 'board_piece', requirements: ['what' => self::WORD], methods: ['GET'])]
    public function piece(Request $request, OpenBoard $opened, string $what): Response
    {
        $file = $this->exports->file($this->handover($opened, $request), $what)
            ?? throw $this->createNotFoundException('The board has nothing of this kind to hand over any more.');
        $isText = !in_array($file->type, ['text/html; charset=utf-8', self::PICTURE], true);

        return new Response(self::text($file), headers: [
            'Content-Type' => $isText ? 'text/plain; charset=utf-8' : $file->type,
            'Content-Security-Policy' => self::PIECE_POLICY,
        ]);
    }

    /** The beginning of a piece, on the page. */
    #[Route('/previews/{what}', name: 'board_preview', requirements: ['what' => self::WORD], methods: ['GET'])]
    public function preview(Request $request, OpenBoard $opened, string $what): Response
    {
        $file = $this->exports->file($this->handover($opened, $request), $what)
            ?? throw $this->createNotFoundException('The board has nothing of this kind to hand over any more.');
        $lines = explode("\n", self::text($file));

        return $this->render('hand-over/_preview.html.twig', [
            'opened' => $opened,
            'word' => $what,
            'title' => $this->exports->title($what),
            'kind' => match ($file->type) {
                'text/html; charset=utf-8' => 'page',
                self::PICTURE => 'picture',
                default => 'text',
            },
            'text' => implode("\n", array_slice($lines, 0, self::PREVIEW_LINES)),
            'more' => count($lines) - self::PREVIEW_LINES,
        ]);
    }

    /** What is read of a piece: of an archive what lies in it, file by file. */
    private static function text(ExportFile $file): string
    {
        return str_ends_with($file->name, '.zip') ? implode("\n", Archive::names($file->text)) : $file->text;
    }

    /** As it stands in the store, whether it can be read or not. */
    #[Route('/board.json', name: 'board_file', methods: ['GET'])]
    public function boardFile(string $id): Response
    {
        $record = $this->store->record($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');

        return self::download(new ExportFile(
            Exports::fileName($record->name(), 'json'),
            'application/json',
            $this->store->documentOf($this->store->headOf($record)),
        ));
    }

    #[Route('/sheets/{column}', name: 'controls_sheet', requirements: ['column' => '[A-Za-z0-9]{1,8}'], methods: ['GET'])]
    public function sheetToPrint(Request $request, OpenBoard $opened, string $column): Response
    {
        $handover = $this->handover($opened, $request);
        $sheet = SetUpSheet::all($handover->inspection, $handover->report)[$column]
            ?? throw $this->createNotFoundException('This surface is not on the board any more, or no line is on it.');

        return $this->sheets($opened, $handover, $sheet->title, [$sheet]);
    }

    /** The sheets of all hops on one page, in the order in which they are followed. */
    #[Route('/set-up', name: 'controls_sheets', methods: ['GET'])]
    public function setUpToPrint(Request $request, OpenBoard $opened): Response
    {
        $handover = $this->handover($opened, $request);

        return $this->sheets($opened, $handover, 'All hops', array_values(SetUpSheet::all($handover->inspection, $handover->report)));
    }

    /** All that is said to the board and by it, to print. */
    #[Route('/messages', name: 'controls_messages', methods: ['GET'])]
    public function messagesToPrint(Request $request, OpenBoard $opened): Response
    {
        $handover = $this->handover($opened, $request);

        return $this->render('controls/messages.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'messages' => MessageTable::rows($handover->inspection),
            'message_header' => MessageTable::HEADER,
            'remarks' => $handover->remarks('Messages'),
        ]);
    }

    /**
     * @param list<SetUpSheet> $sheets
     */
    private function sheets(OpenBoard $opened, Handover $handover, string $title, array $sheets): Response
    {
        return $this->render('controls/sheet.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'title' => $title,
            'sheets' => $sheets,
            'step_header' => SheetStep::HEADER,
            'remarks' => $handover->remarks('Set-up of ' . $title),
        ]);
    }

    /** All sheets and lists of the wiring on one page, to print. */
    #[Route('/sheets', name: 'board_sheets', methods: ['GET'], priority: 1)]
    public function wiringToPrint(Request $request, OpenBoard $opened): Response
    {
        $handover = $this->handover($opened, $request);
        $connections = $handover->connections();
        $drawing = new WiringDrawing($opened->board, $connections);
        $remarks = $handover->remarks('Wiring');
        $heads = array_slice($remarks, 0, 2);

        return $this->render('wiring/print.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'connections' => $connections,
            'sheets' => [
                SheetPicture::overview($connections, $heads),
                ...array_map((new SheetPicture($connections, $heads))->of(...), Sheets::of($connections)),
            ],
            'remarks' => $remarks,
            ...$drawing->lists('wires'),
            ...$drawing->lists('continuity'),
        ]);
    }

    private function handover(OpenBoard $opened, Request $request): Handover
    {
        return new Handover(
            $this->inspections->of($opened->board),
            $this->clock->now()->format('Y-m-d'),
            $opened->revision->number(),
            array_filter($request->query->all(), is_string(...)),
            $this->bench->note($opened->revision),
        );
    }

    private static function download(ExportFile $file): Response
    {
        return new Response($file->text, 200, [
            'Content-Type' => $file->type,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $file->name),
        ]);
    }
}
