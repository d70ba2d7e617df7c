<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/**
 * Renders the screens of one board: whole for a page, and only what changes for a request of htmx.
 */
final readonly class BoardScreen
{
    /** Views that belong to no stage. */
    private const OTHER_VIEWS = ['compare', 'read', 'revisions', 'settings', 'finding'];

    public function __construct(private Environment $twig, private Catalogue $catalogue, private BoardStore $store) {}

    /** @return list<string> the names of all views of a board */
    public static function views(): array
    {
        return [...array_map(static fn(Stage $stage): string => $stage->view(), Stage::cases()), ...self::OTHER_VIEWS];
    }

    /** A view that there is: the one that is asked for, else the lines. */
    public static function knownView(string $view): string
    {
        return in_array($view, self::views(), true) ? $view : Stage::Lines->view();
    }

    /**
     * In one piece: what one answer is made of, in its order.
     *
     * @param string $view as knownView() knows it
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
        $inspection = new Inspection($opened->board, $this->catalogue);
        $report = Inspector::withRuleBook()->inspect($inspection);
        $view = self::knownView($view);
        $context = [
            'opened' => $opened,
            'board' => $opened->board,
            'inspection' => $inspection,
            'report' => $report,
            'catalogue' => $this->catalogue,
            'view' => $view,
            'open' => $open,
            'notice' => $notice,
            'surface_kinds' => array_filter(SurfaceKind::cases(), static fn(SurfaceKind $kind): bool => !$kind->isRemote()),
            'function_kinds' => array_filter(
                FunctionKind::cases(),
                static fn(FunctionKind $kind): bool => $kind->isAddedByHand() && !in_array(
                    $kind,
                    [FunctionKind::SelectorPosition, FunctionKind::SelectorLadder],
                    true,
                ),
            ),
            ...match ($view) {
                'pins' => (new PinsScreen($inspection, $report))->context($open, $request->query->getString('find')),
                'compare' => (new PinsScreen($inspection, $report))->comparison(),
                'drive' => (new DriveScreen($inspection))->context($open),
                'power' => (new PowerScreen($inspection))->context($open, $report),
                'mains' => (new MainsScreen($inspection))->context($open),
                'controls' => (new ControlsScreen($inspection))->context($open, $report),
                'read' => [],
                'revisions' => [
                    'revisions' => $this->store->revisions($opened->record, $page = max(1, $request->query->getInt('page', 1))),
                    'page' => $page,
                    'pages' => $this->store->revisionPages($opened->record),
                ],
                'finding' => $this->finding($inspection, $report, $open),
                'settings' => [],
                default => ['tracks' => (new LineStrips($inspection, $report))->tracks()],
            },
            ...$more,
        ];
        $isPart = $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request');
        $response = new Response($this->twig->render($isPart ? 'board/swap.html.twig' : 'board/page.html.twig', $context), $status);
        if ($isPart && null !== $notice && $notice->isRefusal && null === $notice->stale) {
            // Only the notice: the form stays as it was typed.
            $response->headers->set('HX-Reswap', 'none');
        }
        $response->headers->set('Vary', 'HX-Request, HX-History-Restore-Request');
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    /** What can be done about the findings of one group of the tray, each tried; empty when its finding is gone. */
    public function offers(OpenBoard $opened, string $finding, string $view, string $open): Response
    {
        $group = Inspector::withRuleBook()->inspect(new Inspection($opened->board, $this->catalogue))->groupOf($finding);
        $page = null === $group ? '' : $this->twig->render(
            'board/_offers.html.twig',
            [
                'opened' => $opened,
                'board' => $opened->board,
                'group' => $group,
                'view' => self::knownView($view),
                'open' => $open,
            ],
        );

        return new Response($page, headers: ['Cache-Control' => 'no-store']);
    }

    /**
     * @return array<string, mixed>
     */
    private function finding(Inspection $inspection, Report $report, string $key): array
    {
        $finding = $report->finding($key);
        $effects = [];
        foreach ($finding?->remedies() ?? [] as $index => $remedy) {
            try {
                $after = Inspector::withRuleBook()->inspect(new Inspection($remedy->edit->apply($inspection->board), $this->catalogue));
            } catch (\DomainException|\InvalidArgumentException $refused) {
                $effects[$index] = ['remedy' => $remedy, 'gone' => [], 'new' => [], 'verify' => [], 'refused' => $refused->getMessage()];
                continue;
            }
            $effects[$index] = [
                'remedy' => $remedy,
                'gone' => $report->findingsMissingFrom($after),
                'new' => $after->findingsMissingFrom($report),
                'verify' => $after->holdPointsMissingFrom($report),
                'refused' => null,
            ];
        }

        return ['finding' => $finding, 'effects' => $effects];
    }
}
