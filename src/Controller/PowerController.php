<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\PowerScreen;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The parts of the Power view that are worked out when they are looked at: sources that could feed a rail, and a rail over time. */
#[Route('/boards/{id}/power/{rail}', requirements: ['id' => '[0-9a-f-]{36}', 'rail' => 'R\d{1,6}'])]
final class PowerController extends AbstractController
{
    public function __construct(private readonly BoardStore $store, private readonly Catalogue $catalogue) {}

    #[Route('/offers', name: 'power_offers', methods: ['GET'])]
    public function offers(Request $request, string $id, string $rail): Response
    {
        $opened = $this->opened($id, $rail);

        return $this->render(
            'power/_offers.html.twig',
            [
                'opened' => $opened,
                'board' => $opened->board,
                'rail_id' => $rail,
                'open' => $request->query->getString('open', $rail),
                'offers' => $this->screen($opened)->offers($rail),
            ],
        );
    }

    /** A rail over time, with a capacitance that may only be tried; no revision is made of it. */
    #[Route('/waveform', name: 'power_waveform', methods: ['GET'])]
    public function waveform(Request $request, string $id, string $rail): Response
    {
        $farads = $request->query->has('step') ? PowerScreen::steps()[$request->query->getInt('step')] ?? null : null;

        return $this->render(
            'power/_waveform.html.twig',
            $this->screen($this->opened($id, $rail))->waveform(
                $rail,
                $request->query->getString('event', 'pull-in'),
                'typical' !== $request->query->getString('corner'),
                $farads,
            ),
        );
    }

    #[Route('/netlist.cir', name: 'power_netlist', methods: ['GET'])]
    public function netlist(Request $request, string $id, string $rail): Response
    {
        $opened = $this->opened($id, $rail);
        [$title, $rest] = [
            ...explode(
                "\n",
                $this->screen($opened)->netlist(
                    $rail,
                    $request->query->getString('event', 'pull-in'),
                    'typical' !== $request->query->getString('corner'),
                ),
                2,
            ),
            '',
        ];
        $text = $title . "\n" . Headline::ofNetlist(
            'Netlist',
            $opened->board,
            Inspector::withRuleBook()->inspect(new Inspection($opened->board, $this->catalogue)),
            date('Y-m-d'),
        ) . $rest;

        return new Response(
            $text,
            200,
            [
                'Content-Type' => 'text/plain; charset=utf-8',
                'Content-Disposition' => sprintf('attachment; filename="rail-%s.cir"', strtolower($rail)),
            ],
        );
    }

    private function screen(OpenBoard $opened): PowerScreen
    {
        return new PowerScreen(new Inspection($opened->board, $this->catalogue));
    }

    private function opened(string $id, string $rail): OpenBoard
    {
        $opened = $this->store->open($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');

        return isset($opened->board->rails[$rail])
            ? $opened
            : throw $this->createNotFoundException('This rail is not on the board any more.');
    }
}
