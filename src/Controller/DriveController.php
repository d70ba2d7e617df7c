<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\DriveScreen;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The parts of the Drive view that are worked out when they are looked at: alternatives, spread, a value that is only tried. */
#[Route('/boards/{id}/drive/{actuator}', requirements: ['id' => '[0-9a-f-]{36}', 'actuator' => 'A\d{1,6}'])]
final class DriveController extends AbstractController
{
    public function __construct(private readonly BoardStore $store, private readonly Catalogue $catalogue) {}

    #[Route('/ways', name: 'drive_ways', methods: ['GET'])]
    public function ways(string $id, string $actuator): Response
    {
        $opened = $this->opened($id, $actuator);

        return $this->render(
            'drive/_ways.html.twig',
            ['opened' => $opened, 'board' => $opened->board, 'actuator_id' => $actuator, 'ways' => $this->screen($opened)->ways($actuator)],
        );
    }

    #[Route('/spread', name: 'drive_spread', methods: ['GET'])]
    public function spread(string $id, string $actuator): Response
    {
        return $this->render('drive/_spread.html.twig', ['spread' => $this->screen($this->opened($id, $actuator))->spread($actuator)]);
    }

    /** The drawing with one value tried; no revision is made of it. */
    #[Route('/sketch/{value}', name: 'drive_sketch', requirements: ['value' => '[A-Za-z]{3,20}'], methods: ['GET'])]
    public function sketch(Request $request, string $id, string $actuator, string $value): Response
    {
        $opened = $this->opened($id, $actuator);
        $resistor = $opened->board->actuator($actuator)->driver->resistors()[$value] ?? null;
        $ohms = $resistor?->steps()[$request->query->getInt('step')] ?? null;
        try {
            $board = (new SetDriverValue([$actuator], $value, $ohms))->apply($opened->board);
        } catch (EditRefused|\InvalidArgumentException) {
            $board = $opened->board;
        }
        $tried = $board->actuator($actuator);
        $seat = $board->seats[$tried->function] ?? null;

        return $this->render(
            'drive/_sketch.html.twig',
            [...$this->screen($opened)->sketch($board, $tried), 'actuator' => $tried, 'pin_name' => null === $seat ? 'no pin' : $seat->pin],
        );
    }

    #[Route('/netlist.cir', name: 'drive_netlist', methods: ['GET'])]
    public function netlist(string $id, string $actuator): Response
    {
        $board = $this->opened($id, $actuator)->board;
        $circuit = Circuits::ofSingleParts($board, $board->actuator($actuator))
            ?? throw $this->createNotFoundException('This driver has no netlist: a ready-made module is known by its currents only.');
        $inspection = new Inspection($board, $this->catalogue);
        $values = $circuit->worst($inspection->board->ambientCelsius());
        $netlist = $circuit->netlist($values, Level::High === $circuit->activeLevel() ? $values['pinVolts'] : 0.0, $values['pinOhms']);

        return new Response(
            sprintf(
                "* %s of %s, relay of %s, at the corner that hurts\n",
                $circuit->title(),
                str_replace(["\r", "\n"], ' ', $board->name),
                str_replace(["\r", "\n"], ' ', $board->nameOf($actuator)),
            ) . Headline::ofNetlist('Netlist', $board, Inspector::withRuleBook()->inspect($inspection), date('Y-m-d')) . $netlist->spice(),
            200,
            [
                'Content-Type' => 'text/plain; charset=utf-8',
                'Content-Disposition' => sprintf('attachment; filename="driver-%s.cir"', strtolower($actuator)),
            ],
        );
    }

    private function screen(OpenBoard $opened): DriveScreen
    {
        return new DriveScreen(new Inspection($opened->board, $this->catalogue));
    }

    private function opened(string $id, string $actuator): OpenBoard
    {
        $opened = $this->store->open($id) ?? throw $this->createNotFoundException('This board is not on the shelf.');

        return isset($opened->board->actuators()[$actuator])
            ? $opened
            : throw $this->createNotFoundException('This relay is not on the board any more.');
    }
}
