<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Log\Commissioning;
use IronLatch\Core\Log\Log;
use IronLatch\Core\Log\LogJson;
use IronLatch\Core\Log\Note;
use IronLatch\Core\Log\Outcome;
use IronLatch\Entity\May;
use IronLatch\Export\ExportFile;
use IronLatch\Export\Exports;
use IronLatch\Log\CopyWalk;
use IronLatch\Log\LogBook;
use IronLatch\Log\LogForms;
use IronLatch\Log\Meanwhile;
use IronLatch\Log\Picture;
use IronLatch\Screen\BoardScreen;
use IronLatch\Screen\LogScreen;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is put into the log of a board, and the walk of a copy into use. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}', 'copy' => 'B[1-9]\d{0,4}'])]
final class LogController extends AbstractController
{
    public function __construct(
        private readonly LogBook $book,
        private readonly CopyWalk $walks,
        private readonly BoardScreen $screen,
    ) {}

    /** Orders, copies and notes: a new one, or a changed one. */
    #[Route('/log/enter', name: 'log_enter', methods: ['POST'])]
    public function enter(Request $request, OpenBoard $opened): Response
    {
        $fields = $request->request;
        $what = $fields->getString('what');
        $id = '' === $fields->getString('of') ? null : $fields->getString('of');
        try {
            $forms = new LogForms(
                $fields,
                $this->book->today(),
                fn(int $number): bool => null !== $this->book->revision($opened, $number),
                self::hashes($request),
            );
            if ('order' === $what && null === $id && !$fields->getBoolean('anyway')) {
                $open = $this->book->of($opened)->openFaults($fields->getInt('revision'));
                if ([] !== $open) {
                    return $this->refused($request, $opened, new \InvalidArgumentException(sprintf(
                        'Revision %d has an open fault of the design: %s Tick “order it anyway” if you want it all the same.',
                        $fields->getInt('revision'),
                        implode(' ', array_map(static fn(Note $note): string => '“' . $note->text . '”', $open)),
                    )));
                }
            }
            $log = $this->book->enter(
                $opened,
                $forms->summary($what, $id),
                fn(Log $log): Log => $this->walks->rebuilt($opened, $log, $forms->changed($log, $what, $id)),
            );
        } catch (\InvalidArgumentException|BoardFileFault $fault) {
            return $this->refused($request, $opened, $fault);
        }
        $open = 'copy' === $what ? $id ?? (string) array_key_last($log->copies) : '';

        return $this->toLog($opened, $open);
    }

    /**
     * Of files that went out with an order, or came back: only their hash is kept.
     *
     * @return list<string> SHA-256
     */
    private static function hashes(Request $request): array
    {
        $files = $request->files->get('files');
        $hashes = [];
        foreach (is_array($files) ? $files : [] as $file) {
            if ($file instanceof UploadedFile && $file->isValid()) {
                $hashes[] = (string) hash_file('sha256', $file->getPathname());
            }
        }

        return $hashes;
    }

    /** A picture, with a word to it. */
    #[Route('/log/picture', name: 'log_show', methods: ['POST'], defaults: [May::ROUTE => May::Bench->value])]
    public function show(Request $request, OpenBoard $opened): Response
    {
        $file = $request->files->get('file');
        $fields = $request->request;
        try {
            if (!$file instanceof UploadedFile || !$file->isValid()) {
                throw new \InvalidArgumentException(sprintf(
                    'No picture came. Choose a JPEG or a PNG of at most %d MB.',
                    Picture::GREATEST_BYTES / 1_000_000,
                ));
            }
            $picture = Picture::of($file->getContent());
            $this->book->show($opened, $picture, new Note(
                mb_substr(trim($fields->getString('text')), 0, 500),
                $fields->getString('about'),
                $this->book->today(),
                pictures: [$picture->sha256],
            ));
        } catch (\InvalidArgumentException $fault) {
            return $this->refused($request, $opened, $fault);
        }

        return $this->toLog($opened);
    }

    #[Route('/log/pictures/{picture}', name: 'log_picture', requirements: ['picture' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function picture(OpenBoard $opened, string $picture): Response
    {
        $bytes = $this->book->picture($opened, $picture) ?? throw $this->createNotFoundException('This picture is not kept here.');

        return new Response($bytes, headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    #[Route('/log/remove', name: 'log_remove', methods: ['POST'])]
    public function remove(Request $request, OpenBoard $opened): Response
    {
        $id = $request->request->getString('of');
        $this->book->enter($opened, sprintf('Took out %s', mb_substr($id, 0, 8)), static fn(Log $log): Log => $log->without($id));

        return $this->toLog($opened);
    }

    #[Route('/log/back', name: 'log_back', methods: ['POST'])]
    public function takeBack(Request $request, OpenBoard $opened): Response
    {
        try {
            $this->book->takeBack($opened, $request->request->getInt('number'));
        } catch (\InvalidArgumentException $fault) {
            return $this->refused($request, $opened, $fault);
        }

        return $this->toLog($opened);
    }

    /** Changes whenever something is put down or taken back: what a page that follows asks for. */
    #[Route('/log/mark', name: 'log_mark', methods: ['GET'])]
    public function mark(string $id): Response
    {
        return new Response($this->book->mark($id), headers: ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }

    #[Route('/log.json', name: 'log_file', methods: ['GET'])]
    public function export(Request $request, OpenBoard $opened): Response
    {
        $log = $this->book->of($opened);
        $file = new ExportFile(
            Exports::fileName($opened->board->name . ' log', 'json'),
            'application/json',
            LogJson::write($request->query->getBoolean('nameless') ? $log->withoutNames() : $log),
        );

        return new Response($file->text, headers: [
            'Content-Type' => $file->type,
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $file->name),
        ]);
    }

    /** A log from a file, whole, in the place of this one; it can be taken back. */
    #[Route('/log/import', name: 'log_import', methods: ['POST'])]
    public function import(Request $request, OpenBoard $opened): Response
    {
        $file = $request->files->get('file');
        try {
            $log = LogJson::read($file instanceof UploadedFile && $file->isValid() ? $file->getContent() : '');
            $this->book->enter($opened, 'Read from a file', static fn(): Log => $log);
        } catch (BoardFileFault $fault) {
            return $this->refused($request, $opened, $fault);
        }

        return $this->toLog($opened);
    }

    /** One step of a copy on its way into use, at the bench. */
    #[Route('/copies/{copy}', name: 'log_walk', methods: ['GET'])]
    public function walk(Request $request, OpenBoard $opened, string $copy): Response
    {
        return $this->page($opened, $copy, $request->query->getString('step'), $request->query->getBoolean('meter', true));
    }

    #[Route('/copies/{copy}', name: 'log_found', methods: ['POST'], defaults: [May::ROUTE => May::Bench->value])]
    public function found(Request $request, OpenBoard $opened, string $copy): Response
    {
        $fields = $request->request;
        $withMeter = $fields->getBoolean('meter', true);
        $key = $fields->getString('step');
        try {
            $done = $this->walks->found($opened, $copy, $fields);
        } catch (Meanwhile $meanwhile) {
            return $this->page(
                $opened,
                $copy,
                $key,
                $withMeter,
                Notice::refused($meanwhile->getMessage()),
                self::typed($fields),
                Response::HTTP_CONFLICT,
            );
        } catch (\InvalidArgumentException $fault) {
            return $this->page($opened, $copy, $key, $withMeter, Notice::refused($fault->getMessage()), self::typed($fields));
        }
        // What is off stays before the eyes; what is as it should be makes room for the next.
        $next = Outcome::Off === $done ? $key : '';

        return $this->redirectToRoute(
            'log_walk',
            [
                'id' => $opened->record->id(),
                'copy' => $copy,
                ...'' === $next ? [] : ['step' => $next],
                ...$withMeter ? [] : ['meter' => '0'],
            ],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** Wires that are laid on a copy. */
    #[Route('/copies/{copy}/wires', name: 'log_wires', methods: ['POST'], defaults: [May::ROUTE => May::Bench->value])]
    public function wires(Request $request, OpenBoard $opened, string $copy): Response
    {
        $sent = $request->request->all()['wires'] ?? [];
        try {
            $this->walks->tick(
                $opened,
                $copy,
                explode(',', $request->request->getString('were')),
                array_values(array_filter(is_array($sent) ? $sent : [], is_string(...))),
                $request->request->getString('once'),
            );
        } catch (\InvalidArgumentException $fault) {
            return $this->page($opened, $copy, Commissioning::WIRES, true, Notice::refused($fault->getMessage()));
        }

        return $this->redirectToRoute('log_walk', ['id' => $opened->record->id(), 'copy' => $copy], Response::HTTP_SEE_OTHER);
    }

    /**
     * What was entered stays on the page that refuses it.
     *
     * @param InputBag<bool|float|int|string> $fields
     * @return array<string, string>
     */
    private static function typed(InputBag $fields): array
    {
        $typed = [];
        foreach (['value', 'by', 'note'] as $field) {
            $typed[$field] = mb_scrub($fields->getString($field));
        }

        return $typed;
    }

    /**
     * @param array<string, string> $typed
     */
    private function page(
        OpenBoard $opened,
        string $copy,
        string $key,
        bool $withMeter,
        ?Notice $notice = null,
        array $typed = [],
        int $status = Response::HTTP_UNPROCESSABLE_ENTITY,
    ): Response {
        $walk = $this->walks->of($opened, $copy) ?? throw $this->createNotFoundException('This copy is not in the log any more.');
        $step = '' === $key ? $walk->next($withMeter) : $walk->step($key);

        return $this->render('log/walk.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'id' => $copy,
            'walk' => $walk,
            'step' => $step,
            'place' => false === ($place = array_search($step, $walk->steps, true)) ? 0 : $place + 1,
            'wires' => Commissioning::WIRES === $step?->key ? $this->walks->wires($opened, $walk->copy->revision) : [],
            'with_meter' => $withMeter,
            'is_known' => null !== $this->book->revision($opened, $walk->copy->revision),
            'notice' => $notice,
            'typed' => $typed,
            'mark' => $this->book->mark($opened->record->id()),
        ], new Response(status: null === $notice ? 200 : $status));
    }

    private function refused(Request $request, OpenBoard $opened, \Throwable $fault): Response
    {
        return $this->screen->refusal($request, $opened, LogScreen::name(), $fault, ['sent' => $request->request->all()]);
    }

    private function toLog(OpenBoard $opened, string $open = ''): Response
    {
        return $this->redirectToRoute(
            'board_view',
            ['id' => $opened->record->id(), 'view' => LogScreen::name(), ...'' === $open ? [] : ['open' => $open]],
            Response::HTTP_SEE_OTHER,
        );
    }
}
