<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Review\Inspection;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\DriveDrawing;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The parts of the Drive view that are worked out when they are looked at: alternatives, spread, a value that is only tried. */
#[Route('/boards/{id}/drive/{actuator}', requirements: ['id' => '[0-9a-f-]{36}', 'actuator' => 'A\d{1,6}'])]
final class DriveController extends AbstractController
{
    public function __construct(private readonly Catalogue $catalogue) {}

    #[Route('/ways', name: 'drive_ways', methods: ['GET'])]
    public function ways(OpenBoard $opened, string $actuator): Response
    {
        self::mustHave($opened, $actuator);

        return $this->render(
            'drive/_ways.html.twig',
            [
                'opened' => $opened,
                'board' => $opened->board,
                'actuator_id' => $actuator,
                'ways' => $this->drawing($opened)->ways($actuator),
            ],
        );
    }

    #[Route('/spread', name: 'drive_spread', methods: ['GET'])]
    public function spread(OpenBoard $opened, string $actuator): Response
    {
        self::mustHave($opened, $actuator);

        return $this->render('drive/_spread.html.twig', ['spread' => $this->drawing($opened)->spread($actuator)]);
    }

    /** The drawing with one value tried; no revision is made of it. */
    #[Route('/sketch/{value}', name: 'drive_sketch', requirements: ['value' => '[A-Za-z]{3,20}'], methods: ['GET'])]
    public function sketch(Request $request, OpenBoard $opened, string $actuator, string $value): Response
    {
        self::mustHave($opened, $actuator);
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
            [
                ...$this->drawing($opened)->sketch($board, $tried),
                'actuator' => $tried,
                'pin_name' => null === $seat ? 'no pin' : $seat->pin,
            ],
        );
    }

    private function drawing(OpenBoard $opened): DriveDrawing
    {
        return new DriveDrawing(new Inspection($opened->board, $this->catalogue));
    }

    private static function mustHave(OpenBoard $opened, string $actuator): void
    {
        if (!isset($opened->board->actuators()[$actuator])) {
            throw new NotFoundHttpException('This relay is not on the board any more.');
        }
    }
}
