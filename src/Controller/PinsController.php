<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\DriverPart;
use IronLatch\Core\Pins\StrapSuits;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Storage\OpenBoard;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The part of the Pins view that is worked out when it is looked at: which driver would suit which strapped pin. */
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
}
