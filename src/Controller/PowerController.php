<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\PowerDrawing;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The parts of the Power view that are worked out when they are looked at: sources that could feed a rail, and a rail over time. */
#[Route('/boards/{id}/power/{rail}', requirements: ['id' => '[0-9a-f-]{36}', 'rail' => 'R\d{1,6}'])]
final class PowerController extends AbstractController
{
    public function __construct(private readonly Catalogue $catalogue) {}

    #[Route('/offers', name: 'power_offers', methods: ['GET'])]
    public function offers(Request $request, OpenBoard $opened, string $rail): Response
    {
        self::mustHave($opened, $rail);

        return $this->render(
            'power/_offers.html.twig',
            [
                'opened' => $opened,
                'board' => $opened->board,
                'rail_id' => $rail,
                'open' => $request->query->getString('open', $rail),
                'offers' => $this->drawing($opened)->offers($rail),
            ],
        );
    }

    /** A rail over time, with a capacitance that may only be tried; no revision is made of it. */
    #[Route('/waveform', name: 'power_waveform', methods: ['GET'])]
    public function waveform(Request $request, OpenBoard $opened, string $rail): Response
    {
        self::mustHave($opened, $rail);
        $farads = $request->query->has('step') ? PowerDrawing::steps()[$request->query->getInt('step')] ?? null : null;

        return $this->render(
            'power/_waveform.html.twig',
            $this->drawing($opened)->waveform(
                $rail,
                $request->query->getString('event', 'pull-in'),
                'typical' !== $request->query->getString('corner'),
                $farads,
            ),
        );
    }

    private function drawing(OpenBoard $opened): PowerDrawing
    {
        return new PowerDrawing(new Inspection($opened->board, $this->catalogue));
    }

    private static function mustHave(OpenBoard $opened, string $rail): void
    {
        if (!isset($opened->board->rails[$rail])) {
            throw new NotFoundHttpException('This rail is not on the board any more.');
        }
    }
}
