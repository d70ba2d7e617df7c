<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Brief\BriefForm;
use IronLatch\Brief\BriefWords;
use IronLatch\Brief\DraftDesk;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Pointer;
use IronLatch\Core\Brief\Reading;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Screen\Fragment;
use IronLatch\Screen\LinesScreen;
use IronLatch\Storage\BoardStore;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** From a sentence, or from what is ticked, to drafted boards; and from one of them to a board on the shelf. */
final class BriefController extends AbstractController
{
    public function __construct(
        private readonly BriefForm $form,
        private readonly BriefWords $words,
        private readonly DraftDesk $desk,
        private readonly BoardStore $store,
    ) {}

    /** A sentence is read once; from then on what stands in the fields counts. */
    #[Route('/brief', name: 'brief', methods: ['GET', 'POST'])]
    public function brief(Request $request): Response
    {
        $fields = $request->isMethod('POST') ? $request->request : $request->query;
        $words = $fields->getString('words');
        $reading = null;
        try {
            if ('fields' === $fields->getString('from')) {
                $brief = $this->form->read($fields->all());
            } else {
                $reading = $this->form->sentence($words);
                $brief = $reading->brief;
            }
        } catch (\InvalidArgumentException $fault) {
            $brief = new Brief(words: mb_check_encoding($words, 'UTF-8') ? mb_substr($words, 0, SentenceReader::LONGEST) : '');

            return $this->page($request, $brief, null, Notice::refused($fault->getMessage()), 422);
        }

        return $this->page($request, $brief, $reading, null, 200, $fields->getBoolean('all'));
    }

    /** The next slice of what is worked out already in part. */
    #[Route('/brief/drafts', name: 'brief_drafts', methods: ['POST'])]
    public function drafts(Request $request): Response
    {
        try {
            $brief = $this->form->taken($request->request->getString('brief'));

            return $this->render('brief/slice.html.twig', $this->drafted($request, $brief));
        } catch (\InvalidArgumentException $fault) {
            return new Response($this->renderView('brief/_refused.html.twig', ['words' => $fault->getMessage()]), 422);
        }
    }

    #[Route('/brief/take', name: 'brief_take', methods: ['POST'])]
    public function take(Request $request): Response
    {
        try {
            $brief = $this->form->taken($request->request->getString('brief'));
            $draft = $this->desk->draft($brief, $request->request->getString('choices'));
        } catch (\InvalidArgumentException $fault) {
            return $this->page($request, $brief ?? new Brief(), null, Notice::refused($fault->getMessage()), 422);
        }
        $name = trim($request->request->getString('name'));
        $board = '' === $name ? $draft->board : $draft->board->with(name: mb_substr($name, 0, Pointer::NAME_LENGTH));
        $opened = $this->store->create($board, $draft->summary());

        return $this->redirectToRoute(
            'board_view',
            ['id' => $opened->record->id(), 'view' => LinesScreen::name()],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function page(Request $request, Brief $brief, ?Reading $reading, ?Notice $notice, int $status, bool $isAll = false): Response
    {
        try {
            $drafted = $this->drafted($request, $brief, $isAll);
        } catch (\InvalidArgumentException $fault) {
            $notice ??= Notice::refused($fault->getMessage());
            $drafted = ['brief' => $brief, 'slice' => null, 'carried' => '', 'against' => []];
        }

        return $this->render(Fragment::isAsked($request) ? 'brief/swap.html.twig' : 'brief/page.html.twig', [
            ...$this->words->lists(),
            ...$drafted,
            'reading' => $reading ?? $this->words->reading($brief),
            'notice' => $notice,
        ], new Response(status: $status, headers: ['Vary' => Fragment::VARY, 'Cache-Control' => 'no-store']));
    }

    /**
     * @return array<string, mixed>
     */
    private function drafted(Request $request, Brief $brief, bool $isAll = false): array
    {
        $slice = [] === $brief->appliances ? null : $this->desk->slice($brief, $isAll);
        $against = array_values(array_filter((array) ($request->request->all()['against'] ?? []), is_string(...)));
        $held = [];
        foreach (array_slice($against, 0, 2) as $choices) {
            $held = null === $slice?->drafts->named($choices) ? $held : [...$held, $slice->drafts->named($choices)];
        }

        return [
            'brief' => $brief,
            'slice' => $slice,
            'carried' => $this->form->carried($brief),
            'against' => 2 === count($held) ? $this->words->differing($held[0], $held[1]) : [],
            'ticked' => $against,
        ];
    }
}
