<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Layout\Decisions;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Entity\ReturnedRecord;
use IronLatch\Layout\ReturnedFiles;
use IronLatch\Screen\BoardScreen;
use IronLatch\Screen\HandOverScreen;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\LayoutSpot;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What comes back from a layout desk or an assembler: read, settled, looked at, forgotten. */
#[Route('/boards/{id}/returned', requirements: ['id' => '[0-9a-f-]{36}', 'file' => '[0-9a-f-]{36}'])]
final class ReturnedController extends AbstractController
{
    public function __construct(private readonly ReturnedFiles $files, private readonly BoardScreen $screen) {}

    #[Route('', name: 'board_returned', methods: ['POST'])]
    public function take(Request $request, OpenBoard $opened): Response
    {
        $file = $request->files->get('file');
        $isFile = $file instanceof UploadedFile && $file->isValid();
        $text = $isFile ? $file->getContent() : $request->request->getString('text');
        try {
            if ($file instanceof UploadedFile && !$isFile) {
                throw Unreadable::tooLarge();
            }
            $record = $this->files->take($opened, $isFile ? $file->getClientOriginalName() : '', $text);
        } catch (Unreadable $fault) {
            return $this->screen->refusal($request, $opened, HandOverScreen::name(), $fault, ['given' => $isFile ? '' : $text]);
        }

        return $this->shown($opened, $record);
    }

    /** What was taken without being told, and which column says what. */
    #[Route('/{file}/settle', name: 'board_returned_settle', methods: ['POST'])]
    public function settle(Request $request, OpenBoard $opened, string $file): Response
    {
        $record = $this->record($opened, $file);
        $texts = static function (string $key) use ($request): array {
            $some = $request->request->all()[$key] ?? null;

            return array_filter(is_array($some) ? $some : [], is_string(...));
        };
        try {
            $this->files->settle($opened, $record, new Decisions($texts('parts'), $texts('pins'), self::columns($texts('columns'))));
        } catch (Unreadable $fault) {
            return $this->screen->refusal($request, $opened, HandOverScreen::name(), $fault);
        }

        return $this->shown($opened, $record);
    }

    /**
     * Columns are sent as “heading = what it says”, since a heading may be anything.
     *
     * @param array<int|string, string> $sent
     * @return array<string, string>
     */
    private static function columns(array $sent): array
    {
        $columns = [];
        foreach ($sent as $one) {
            [$column, $heading] = [...explode(' = ', $one, 2), ''];
            if ('' !== $heading) {
                $columns[$heading] = $column;
            }
        }

        return $columns;
    }

    #[Route('/{file}/forget', name: 'board_returned_forget', methods: ['POST'])]
    public function forget(OpenBoard $opened, string $file): Response
    {
        $this->files->forget($this->record($opened, $file));

        return $this->redirectToRoute(
            'board_view',
            ['id' => $opened->record->id(), 'view' => HandOverScreen::name()],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/{file}', name: 'board_returned_file', methods: ['GET'])]
    public function asItCame(OpenBoard $opened, string $file): Response
    {
        $record = $this->record($opened, $file);

        return new Response(ReturnedFiles::bytes($record), headers: [
            'Content-Type' => 'application/octet-stream',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                'attachment',
                str_replace(['/', '\\', '%'], '-', $record->name()),
                'returned.txt',
            ),
        ]);
    }

    /** Where a finding lies on the layout that came back. */
    #[Route('/{file}/places/{place}', name: 'board_returned_place', requirements: ['place' => '\d{1,4}'], methods: ['GET'])]
    public function place(OpenBoard $opened, string $file, int $place): Response
    {
        $read = $this->files->read($opened, $this->record($opened, $file));
        $finding = $read->findings[$place] ?? throw $this->createNotFoundException('This file says nothing of it any more.');

        return $this->render('hand-over/_place.html.twig', [
            'opened' => $opened,
            'finding' => $finding,
            'spot' => LayoutSpot::of($read, $finding),
        ]);
    }

    private function record(OpenBoard $opened, string $file): ReturnedRecord
    {
        return $this->files->one($opened, $file) ?? throw $this->createNotFoundException('This file was forgotten.');
    }

    private function shown(OpenBoard $opened, ReturnedRecord $record): Response
    {
        return $this->redirectToRoute(
            'board_view',
            ['id' => $opened->record->id(), 'view' => HandOverScreen::name(), 'open' => $record->id()],
            Response::HTTP_SEE_OTHER,
        );
    }
}
