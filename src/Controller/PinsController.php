<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\DriverPart;
use IronLatch\Core\Pins\StrapSuits;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Repairs;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\PinsDrawing;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is worked out of pins when it is looked at: which driver would suit which strapped pin; the board on every controller. */
final class PinsController extends AbstractController
{
    public function __construct(private readonly Catalogue $catalogue) {}

    #[Route(
        '/boards/{id}/pins/{function}/straps',
        name: 'pins_straps',
        requirements: ['id' => '[0-9a-f-]{36}', 'function' => 'F\d{1,6}'],
        methods: ['GET'],
    )]
    public function straps(OpenBoard $opened, string $function): Response
    {
        $inspection = new Inspection($opened->board, $this->catalogue);
        $parts = array_values(Repairs::of($inspection)->partsOnOffer(DriverPart::class));

        return $this->render('pins/_straps.html.twig', [
            'suits' => StrapSuits::of($opened->board, $function, $inspection->controller->pins, $parts),
        ]);
    }

    #[Route('/boards/{id}/pins/comparison', name: 'pins_comparison', requirements: ['id' => '[0-9a-f-]{36}'], methods: ['GET'])]
    public function comparison(OpenBoard $opened): Response
    {
        $inspection = new Inspection($opened->board, $this->catalogue);

        return $this->render('compare/_ranked.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            ...(new PinsDrawing($inspection, Inspector::withRuleBook()->inspect($inspection)))->comparison(),
        ]);
    }
}
