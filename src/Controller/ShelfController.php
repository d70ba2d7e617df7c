<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\UsualStart;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Demo\DemoFiles;
use IronLatch\Entity\May;
use IronLatch\Log\LogBook;
use IronLatch\Screen\BriefScreen;
use IronLatch\Screen\LinesScreen;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Notice;
use IronLatch\View\ShelfCards;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The boards on the shelf: making, opening, copying, removing and backing them up. */
final class ShelfController extends AbstractController
{
    public function __construct(
        private readonly BoardStore $store,
        private readonly Catalogue $catalogue,
        private readonly UsualStart $start,
        private readonly DemoFiles $demos,
        private readonly LogBook $book,
        private readonly ShelfCards $cards,
        private readonly ClockInterface $clock,
        #[Autowire('%kernel.project_dir%/var')]
        private readonly string $varFolder,
    ) {}

    #[Route('/', name: 'shelf', methods: ['GET'])]
    public function show(): Response
    {
        return $this->page(null, 200);
    }

    #[Route('/boards', name: 'board_new', methods: ['POST'])]
    public function make(Request $request): Response
    {
        $name = trim($request->request->getString('name'));
        if ('' === $name || mb_strlen($name) > 120) {
            return $this->page(
                Notice::refused('' === $name ? 'Give the new board a name.' : 'Shorten the name of the board to at most 120 characters.'),
                422,
            );
        }
        try {
            $fields = $request->request;
            $board = $this->start->board(
                $name,
                $fields->getString('carrier'),
                $fields->getString('mains'),
                $fields->getString('supply'),
                $fields->getString('relay'),
            );
        } catch (\InvalidArgumentException $fault) {
            return $this->page(Notice::refused($fault->getMessage()), 422);
        }

        return $this->toLines($this->store->create($board, 'New board'));
    }

    #[Route('/boards/open', name: 'board_open', methods: ['POST'])]
    public function openFile(Request $request): Response
    {
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            return $this->page(Notice::refused($file instanceof UploadedFile
                ? sprintf(
                    'The file did not arrive whole (%s). A board file has at most %d MB.',
                    $file->getErrorMessage(),
                    BoardJson::GREATEST_BYTES / 1048576,
                )
                : sprintf('Choose a board file first; it has at most %d MB.', BoardJson::GREATEST_BYTES / 1048576)), 422);
        }
        try {
            $board = BoardJson::read($file->getContent());
        } catch (BoardFileFault $fault) {
            return $this->page(
                Notice::refused(sprintf(
                    '“%s” was not opened. %s Nothing was changed.',
                    $file->getClientOriginalName(),
                    $fault->getMessage(),
                )),
                422,
            );
        }

        return $this->toLines($this->store->create(
            $board,
            sprintf('Opened from the file %s', mb_substr($file->getClientOriginalName(), 0, 100)),
        ));
    }

    #[Route('/boards/demo', name: 'board_demo', methods: ['POST'])]
    public function openDemo(Request $request): Response
    {
        $name = $request->request->getString('demo');
        $board = $this->demos->all()[$name] ?? null;
        if (null === $board) {
            return $this->page(Notice::refused('There is no demo of this name. Choose one from the list.'), 422);
        }

        return $this->toLines($this->book->begin($this->store->create($board, 'Opened from the demo'), $this->demos->log($name)));
    }

    #[Route('/boards/{id}/copy', name: 'board_copy', methods: ['POST'])]
    public function copy(Request $request, OpenBoard $opened): Response
    {
        $copy = $this->store->create(
            $opened->board->with(name: mb_substr($opened->board->name, 0, 110) . ', copy'),
            sprintf('Copied from %s, revision %d', $opened->board->name, $opened->revision->number()),
        );
        $isForItsBrief = BriefScreen::name() === $request->request->getString('then');

        return $this->toView($copy, $isForItsBrief ? BriefScreen::name() : LinesScreen::name());
    }

    #[Route('/boards/{id}/remove', name: 'board_remove', methods: ['POST'])]
    public function remove(string $id): Response
    {
        $this->store->record($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');
        $this->store->remove($id);

        return $this->redirectToRoute('shelf', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/boards/{id}/restore', name: 'board_restore', methods: ['POST'])]
    public function restore(string $id): Response
    {
        $this->store->record($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');
        $this->store->restore($id);

        return $this->redirectToRoute('shelf', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/backup', name: 'backup', methods: ['POST'], defaults: [May::ROUTE => May::DESK])]
    public function backUp(): Response
    {
        $copy = $this->store->backUp($this->varFolder);
        $response = new StreamedResponse(static function () use ($copy): void {
            fpassthru($copy);
        }, headers: ['Content-Type' => 'application/vnd.sqlite3', 'Cache-Control' => 'private, no-store']);
        $response->headers->set(
            'Content-Disposition',
            HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                sprintf('iron-latch-%s.db', $this->clock->now()->format('Y-m-d')),
            ),
        );

        return $response;
    }

    private function toLines(OpenBoard $opened): Response
    {
        return $this->toView($opened, LinesScreen::name());
    }

    private function toView(OpenBoard $opened, string $view): Response
    {
        return $this->redirectToRoute('board_view', ['id' => $opened->record->id(), 'view' => $view], Response::HTTP_SEE_OTHER);
    }

    private function page(?Notice $notice, int $status): Response
    {
        return $this->render('shelf/page.html.twig', [
            'cards' => $this->cards->all(),
            'removed' => $this->store->removed(),
            'demos' => $this->demos->names(),
            'carriers' => $this->catalogue->parts(Carrier::class),
            'systems' => $this->catalogue->parts(MainsSystem::class),
            'supplies' => $this->catalogue->parts(Supply::class),
            'relays' => $this->catalogue->parts(Relay::class),
            'notice' => $notice,
        ], new Response(status: $status));
    }
}
