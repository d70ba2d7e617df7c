<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
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
    public const VIEWS = ['lines', 'pins', 'revisions', 'settings', 'finding'];

    public function __construct(private Environment $twig, private Catalogue $catalogue, private BoardStore $store) {}

    /**
     * @param string $view one of VIEWS
     * @param string $open what is opened in the view: “L1.driver” on Lines, a function on Pins, a finding’s key
     */
    public function render(Request $request, OpenBoard $opened, string $view, string $open = '', ?Notice $notice = null, int $status = 200): Response
    {
        $inspection = new Inspection($opened->board, $this->catalogue);
        $report = Inspector::withRuleBook()->inspect($inspection);
        $view = in_array($view, self::VIEWS, true) ? $view : 'lines';
        $context = [
            'opened' => $opened,
            'board' => $opened->board,
            'inspection' => $inspection,
            'report' => $report,
            'catalogue' => $this->catalogue,
            'view' => $view,
            'open' => $open,
            'notice' => $notice,
            'surface_kinds' => SurfaceKind::cases(),
            'function_kinds' => array_filter(FunctionKind::cases(), static fn(FunctionKind $kind): bool => $kind->isAddedByHand()),
            ...match ($view) {
                'pins' => $this->pins($inspection, $report, $open),
                'revisions' => ['revisions' => $this->store->revisions($opened->record)],
                'finding' => $this->finding($inspection, $report, $open),
                'settings' => [],
                default => ['tracks' => (new LineStrips($inspection, $report))->tracks()],
            },
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

    /**
     * @return array<string, mixed>
     */
    private function pins(Inspection $inspection, Report $report, string $function): array
    {
        $chosen = isset($inspection->board->functions[$function]) ? $function : '';
        $ranking = '' === $chosen ? [] : $inspection->fitness->rank($chosen);

        return ['chosen' => $chosen, 'ranking' => $ranking, 'sides' => (new HeaderRows($inspection, $report))->sides($ranking)];
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
                $effects[$index] = ['remedy' => $remedy, 'gone' => [], 'new' => [], 'refused' => $refused->getMessage()];
                continue;
            }
            $effects[$index] = ['remedy' => $remedy, 'gone' => self::missingFrom($report, $after), 'new' => self::missingFrom($after, $report), 'refused' => null];
        }

        return ['finding' => $finding, 'effects' => $effects];
    }

    /**
     * @return list<Finding> findings of the one report that the other does not have, or has at another kind
     */
    private static function missingFrom(Report $one, Report $other): array
    {
        return array_values(array_filter($one->findings, static fn(Finding $finding): bool => $other->finding($finding->key())?->kind !== $finding->kind));
    }
}
