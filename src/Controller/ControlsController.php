<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Board\BoardChanges;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Control\ReceiverLog;
use IronLatch\Core\Control\SimulatedRemote;
use IronLatch\Core\Exchange\Drift;
use IronLatch\Core\Exchange\KeysInOrder;
use IronLatch\Core\Review\Inspection;
use IronLatch\Screen\BoardScreen;
use IronLatch\Screen\ControlsScreen;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What Controls reads in: receiver logs, and constants in use. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'], defaults: ['_view' => 'controls'])]
final class ControlsController extends AbstractController
{
    public function __construct(
        private readonly BoardChanges $changes,
        private readonly BoardScreen $screen,
        private readonly Catalogue $catalogue,
    ) {}

    /** Reads a receiver’s log, lets the simulated remote add to it, and assigns a key that was seen in it. */
    #[Route('/receiver-log', name: 'controls_log', methods: ['POST'])]
    public function log(Request $request, OpenBoard $opened): Response
    {
        $fields = $request->request;
        $text = $fields->getString('text');
        $pressed = $fields->getString('press');
        try {
            if ('' !== $pressed) {
                $text = rtrim($text) . ('' === trim($text) ? '' : "\n") . SimulatedRemote::pressed($pressed);
            }
            $log = ReceiverLog::read($text);
        } catch (\InvalidArgumentException $fault) {
            throw new EditRefused($fault->getMessage(), previous: $fault);
        }

        return $this->answer($request, $opened, match (true) {
            $fields->getBoolean('order') => fn(OpenBoard $seen): Edit => KeysInOrder::edit((new Inspection(
                $seen->board,
                $this->catalogue,
            ))->controls, $log['keys']),
            '' === $fields->getString('surface') => null,
            default => static fn(): Edit => new AssignCode(
                $fields->getString('surface'),
                $fields->getString('code'),
                InfraredEncoding::tryFrom($fields->getString('encoding')) ?? InfraredEncoding::PulseDistance,
                $fields->getInt('bits', 32),
                $fields->getBoolean('forOff'),
            ),
        }, static fn(): array => ['log' => $log, 'log_text' => $text]);
    }

    /** Holds the board against constants in use, and adopts what they say of one thing. */
    #[Route('/drift', name: 'controls_drift', methods: ['POST'])]
    public function drift(Request $request, OpenBoard $opened): Response
    {
        $text = $request->request->getString('text');
        $what = $request->request->getString('adopt');
        $adopt = fn(OpenBoard $seen): Edit => Drift::adopt(new Inspection($seen->board, $this->catalogue), $text, $what)
            ?? throw new EditRefused('The board cannot say this. Change it in the program instead.');

        return $this->answer($request, $opened, '' === $what ? null : $adopt, fn(OpenBoard $now): array => [
            'drift' => Drift::between(new Inspection($now->board, $this->catalogue), $text),
            'drift_text' => $text,
        ]);
    }

    /**
     * @param ?\Closure(OpenBoard): Edit $edit
     * @param \Closure(OpenBoard): array<string, mixed> $more what was read, shown beside the board as it is then
     */
    private function answer(Request $request, OpenBoard $opened, ?\Closure $edit, \Closure $more): Response
    {
        $fields = $request->request;
        $change = null === $edit
            ? null
            : $this->changes->make($opened, $fields->getString('base'), $edit, $fields->getBoolean('frozen'));
        $now = $change->opened ?? $opened;
        try {
            $shown = $more($now);
        } catch (\InvalidArgumentException $fault) {
            throw new EditRefused($fault->getMessage(), previous: $fault);
        }

        return $this->screen->render(
            $request,
            $now,
            ControlsScreen::name(),
            $fields->getString('open'),
            null === $change ? null : Notice::done($change->words),
            more: $shown,
        );
    }
}
