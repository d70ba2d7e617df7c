<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\Inspections;
use IronLatch\Core\Exchange\Firmware\PanelPage;
use IronLatch\Export\ProgramExport;
use IronLatch\Storage\OpenBoard;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The panel that a board serves itself, as the phone on the bench shows it: the very page, with the bench behind it. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class PanelController extends AbstractController
{
    public function __construct(private readonly Inspections $inspections) {}

    #[Route('/panel', name: 'board_panel', methods: ['GET'])]
    public function show(OpenBoard $opened): Response
    {
        $page = PanelPage::of($this->inspections->of($opened->board), ProgramExport::panel());
        if ('' === $page) {
            throw $this->createNotFoundException('This board serves no panel: add the channel “Hand panel that the board serves”.');
        }

        return new Response(str_replace('<html lang="en">', '<html lang="en" data-bench>', $page), headers: [
            'Content-Security-Policy' => PanelPage::policy($page, 'self'),
            'Cache-Control' => 'no-store',
        ]);
    }
}
