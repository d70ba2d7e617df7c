<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Bench\BenchPapers;
use IronLatch\Board\Inspections;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\OpenFacts;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Notice;
use IronLatch\View\Parts;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Contracts\Service\ServiceProviderInterface;
use Twig\Environment;

/**
 * Renders the screens of one board: whole for a page, and only what changes for a request of htmx.
 */
final readonly class BoardScreen
{
    /**
     * @param ServiceProviderInterface<Screen> $screens by name
     */
    public function __construct(
        private Environment $twig,
        private Parts $parts,
        private Catalogue $catalogue,
        private Inspections $inspections,
        private BenchPapers $bench,
        private UrlGeneratorInterface $urls,
        #[AutowireLocator(Screen::class, defaultIndexMethod: 'name')]
        private ServiceProviderInterface $screens,
    ) {}

    /** @return list<string> the names of all views of a board */
    public function names(): array
    {
        return array_keys($this->screens->getProvidedServices());
    }

    /** A view that there is: the one that is asked for, else the lines. */
    public function known(string $view): string
    {
        return $this->screens->has($view) ? $view : LinesScreen::name();
    }

    /**
     * @param string $view as known() knows it
     * @param string $open what is opened in the view: “L1.driver” on Lines, a function on Pins, a finding’s key
     * @param array<string, mixed> $more what a view shows besides: the rows of a pin table that was read
     */
    public function render(
        Request $request,
        OpenBoard $opened,
        string $view,
        string $open = '',
        ?Notice $notice = null,
        int $status = 200,
        array $more = [],
    ): Response {
        $inspection = $this->inspections->of($opened->board);
        $report = Inspector::withRuleBook()->inspect($inspection, $this->bench->note($opened->revision));
        $view = $this->known($view);
        $context = [
            'opened' => $opened,
            'board' => $opened->board,
            'inspection' => $inspection,
            'report' => $report,
            'open_facts' => OpenFacts::of($report),
            'catalogue' => $this->catalogue,
            'view' => $view,
            'open' => $open,
            'notice' => $notice,
            ...$this->screens->get($view)->context(new Look($opened, $inspection, $report, $open, $request)),
            ...$more,
        ];
        $this->parts->begin($opened->revision->id());
        $response = new Response('', $status);
        if (!Fragment::isAsked($request)) {
            $response->setContent($this->parts->whole($this->twig->render('board/page.html.twig', $context)));
        } elseif (null !== $notice && $notice->isRefusal && null === $notice->stale) {
            // Only the notice: the form stays as it was typed.
            $response->setContent($this->twig->render('board/notice.html.twig', $context));
            $response->headers->set('HX-Reswap', 'none');
        } else {
            $said = $this->twig->render('board/swap.html.twig', $context);
            [$lacking, $isWhole] = $this->parts->lacking(Parts::named((string) $request->headers->get(Parts::HEADER)));
            $response->setContent($said . $lacking);
            if (!$isWhole) {
                $response->headers->set('HX-Reswap', 'none');
            }
        }
        $response->headers->set('Vary', Fragment::VARY);
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    /** What was done, or refused: htmx gets the changed parts; a browser without scripts is led to the view, or shown the refusal there. */
    public function answer(Request $request, OpenBoard $opened, Notice $notice, int $status = 200): Response
    {
        $own = $request->attributes->get('_view');
        $view = $this->known($request->request->getString('view', is_string($own) ? $own : LinesScreen::name()));
        $open = $request->request->getString('open');
        if (200 === $status && !$request->headers->has('HX-Request')) {
            return new RedirectResponse(
                $this->urls->generate('board_view', ['id' => $opened->record->id(), 'view' => $view, 'open' => $open]),
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->render($request, $opened, $view, $open, $notice, $status);
    }

    /**
     * The view with a refusal, for what could not be read or run.
     *
     * @param array<string, mixed> $more what was given, so that nothing of it is lost
     */
    public function refusal(Request $request, OpenBoard $opened, string $view, \Throwable $fault, array $more = []): Response
    {
        return $this->render(
            $request,
            $opened,
            $view,
            notice: Notice::refused($fault->getMessage()),
            status: Response::HTTP_UNPROCESSABLE_ENTITY,
            more: $more,
        );
    }

    /** What can be done about the findings of one group of the tray, each tried; empty when its finding is gone. */
    public function offers(OpenBoard $opened, string $finding, string $view, string $open, bool $each = false): Response
    {
        $group = Inspector::withRuleBook()->inspect($this->inspections->of($opened->board))->groupOf($finding);
        $page = null === $group ? '' : $this->twig->render(
            'board/_offers.html.twig',
            ['opened' => $opened, 'board' => $opened->board, 'group' => $group, 'view' => $this->known($view), 'open' => $open,
                'each' => $each],
        );

        return new Response($page, headers: ['Cache-Control' => 'no-store']);
    }
}
