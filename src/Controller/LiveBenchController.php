<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Bench\BenchPapers;
use IronLatch\Bench\LiveBench;
use IronLatch\Bench\LiveDesk;
use IronLatch\Board\Inspections;
use IronLatch\Core\Bench\BenchScript;
use IronLatch\Core\Bench\Corner;
use IronLatch\Core\Bench\Deed;
use IronLatch\Core\Bench\DeedKind;
use IronLatch\Core\Bench\Pace;
use IronLatch\Core\Exchange\BenchScriptJson;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Program\Micros;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Entity\May;
use IronLatch\Screen\BenchScreen;
use IronLatch\Screen\BoardScreen;
use IronLatch\Storage\OpenBoard;
use IronLatch\View\Bench\BenchAct;
use IronLatch\View\Bench\BenchDrawing;
use IronLatch\View\Bench\WeekTime;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The board alive: acts, outages, and time that goes on. Without scripts each act leads to the page as it is afterwards. */
#[Route('/boards/{id}', requirements: ['id' => '[0-9a-f-]{36}'])]
final class LiveBenchController extends AbstractController
{
    private const PACE = 'pace|';
    /** A reading that is no reading: the sensor says nothing. */
    private const LOST = 'lost';

    public function __construct(
        private readonly LiveDesk $desk,
        private readonly BenchPapers $papers,
        private readonly BoardScreen $screen,
        private readonly Inspections $inspections,
    ) {}

    /** An earlier moment, or now, with the causes of one thing. */
    #[Route('/bench/look', name: 'board_live_look', methods: ['GET'])]
    public function look(Request $request, OpenBoard $opened): Response
    {
        $live = $this->desk->look($opened, $this->inspections->of($opened->board));
        $query = $request->query;

        return $this->drawn($opened, $live, BenchDrawing::of(
            $live->course,
            $query->has('at') ? $query->getInt('at') : null,
            null,
            $query->getInt('why'),
        ));
    }

    #[Route('/bench/mark', name: 'board_live_mark', methods: ['GET'])]
    public function mark(string $id): Response
    {
        return new Response($this->desk->mark($id), headers: ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }

    #[Route('/bench/live', name: 'board_live', methods: ['POST'], defaults: [May::ROUTE => May::Bench->value])]
    public function act(Request $request, OpenBoard $opened): Response
    {
        $form = $request->request;
        $isHtmx = $request->headers->has('HX-Request');
        try {
            $inspection = $this->inspections->of($opened->board);
            $before = $this->at($request);
            $live = $this->done($request, $opened, $inspection, $before);
        } catch (BoardFileFault|\InvalidArgumentException $fault) {
            return $this->screen->refusal($request, $opened, BenchScreen::name(), $fault);
        }
        if (!$isHtmx) {
            return $this->redirectToRoute(
                'board_view',
                ['id' => $opened->record->id(), 'view' => BenchScreen::name()],
                Response::HTTP_SEE_OTHER,
            );
        }
        $isBegun = in_array($form->getString('do'), ['anew', 'back', 'run'], true);

        return $this->drawn($opened, $live, BenchDrawing::of(
            $live->course,
            from: $isBegun || null === $before ? null : Micros::of($before) - 1,
        ), $form->getBoolean('held'));
    }

    private function at(Request $request): ?float
    {
        $at = $request->request->getString('at');

        return ctype_digit($at) && strlen($at) < 16 ? Micros::seconds((int) $at) : null;
    }

    /**
     * From what a button sends to what is done.
     *
     * @throws BoardFileFault|\InvalidArgumentException with a sentence that says what to do
     */
    private function done(Request $request, OpenBoard $opened, Inspection $inspection, ?float $at): LiveBench
    {
        $form = $request->request;
        $do = $form->getString('do');
        $runs = 'stands' !== $form->getString('time');

        return match (true) {
            'back' === $do => $this->desk->takeBack($opened, $inspection, $runs),
            'anew' === $do => $this->desk->anew($opened, $inspection, $this->facts($request), $runs),
            'run' === $do => $this->desk->anew(
                $opened,
                $inspection,
                BenchScriptJson::read($this->papers->run($opened->revision, $form->getString('run'))?->script() ?? ''),
                $runs,
            ),
            'enter' === $do => $this->desk->act($opened, $inspection, $at, $runs, $this->typed($request, $inspection)),
            str_starts_with($do, self::PACE) => $this->desk->step(
                $opened,
                $inspection,
                $at,
                $runs,
                Pace::tryFrom(substr($do, strlen(self::PACE))) ?? throw new \InvalidArgumentException(
                    'Time goes on by one of the steps that stand on the page. Load it again.',
                ),
            ),
            default => $this->desk->act(
                $opened,
                $inspection,
                $at,
                $runs,
                [$this->read(BenchAct::read($do, $form->getBoolean('held')), $request)],
            ),
        };
    }

    /** A sensor reads what stands in its field. */
    private function read(Deed $deed, Request $request): Deed
    {
        if (DeedKind::Sensor !== $deed->do || in_array($deed->value, ['yes', 'no'], true)) {
            return $deed;
        }
        if (self::LOST === $deed->value) {
            return Copy::of($deed, ['value' => '']);
        }

        return Copy::of($deed, ['value' => self::reading($request->request->all('reading')[$deed->what] ?? '')]);
    }

    /** @throws \InvalidArgumentException for what is no number */
    private static function reading(mixed $said): string
    {
        $reading = is_string($said) ? str_replace([',', '−'], ['.', '-'], trim($said)) : '';
        if (!is_numeric($reading) || abs((float) $reading) > 1e6) {
            throw new \InvalidArgumentException('Type the number that the sensor reads, such as 21.5.');
        }

        return $reading;
    }

    /**
     * Enter in a field: every sensor whose field says something else than it reads.
     *
     * @return list<Deed>
     */
    private function typed(Request $request, Inspection $inspection): array
    {
        $deeds = [];
        foreach ($request->request->all('reading') as $surface => $said) {
            $was = $request->request->all('was')[$surface] ?? '';
            if ('' !== $said && $said !== $was && isset($inspection->controls->entries[$surface])) {
                $deeds[] = new Deed(0.0, DeedKind::Sensor, (string) $surface, self::reading($said));
            }
        }

        return $deeds;
    }

    /** A run that begins anew: nothing done yet, with facts of its own. */
    private function facts(Request $request): BenchScript
    {
        $form = $request->request;
        $overrides = [];
        foreach (explode("\n", str_replace("\r", '', trim($form->getString('overrides')))) as $line) {
            [$place, $value] = [...explode('=', $line, 2), ''];
            if ('' !== trim($line)) {
                $overrides[trim($place)] = trim($value);
            }
        }
        foreach (array_map(strval(...), array_keys($overrides)) as $place) {
            if (1 !== preg_match('/^[A-Za-z0-9_. -]{1,120}$/', $place)) {
                throw new \InvalidArgumentException(
                    sprintf('“%s” is no place in a board file. Write it as “parts.id.field = value”.', $place),
                );
            }
        }
        $seed = $form->getString('seed', '1');
        if (!ctype_digit($seed) || strlen($seed) > 10) {
            throw new \InvalidArgumentException('A seed is a whole number between 0 and 2147483647.');
        }

        return new BenchScript(
            [],
            0.0,
            Corner::tryFrom($form->getString('corner')) ?? Corner::Typical,
            (int) $seed,
            WeekTime::read($form->getString('clock', 'Mon 08:00')),
            array_map(strval(...), $overrides),
            $form->getBoolean('anyway'),
        );
    }

    private function drawn(OpenBoard $opened, LiveBench $live, BenchDrawing $bench, bool $isHeld = false): Response
    {
        $response = $this->render('bench/_live.html.twig', [
            'opened' => $opened,
            'board' => $opened->board,
            'live' => $live,
            'bench' => $bench,
            'runs' => $live->runs,
            'held' => $isHeld,
            'mark' => $this->desk->mark($opened->record->id()),
        ]);
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }
}
