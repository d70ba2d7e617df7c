<?php

declare(strict_types=1);

namespace IronLatch\Http;

use IronLatch\Screen\Fragment;
use IronLatch\Storage\BoardStore;
use IronLatch\View\FaultWords;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Twig\Environment;

/**
 * A board that cannot be read or inspected takes nothing else down: each of its views, fragments and exports says what is wrong,
 * and offers the way back, the file, and the way off the shelf.
 */
#[AsEventListener(priority: 16)]
final readonly class FaultyBoard
{
    public function __construct(private BoardStore $store, private Environment $twig, private LoggerInterface $logger) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        $fault = $event->getThrowable();
        $id = $request->attributes->get('id');
        $isOfBoard = is_string($id) && str_starts_with($request->getPathInfo(), '/boards/');
        if (!$event->isMainRequest() || !$isOfBoard || $fault instanceof HttpExceptionInterface) {
            return;
        }
        $record = $this->store->record($id);
        if (null === $record) {
            return;
        }
        $this->logger->error('A board failed: {message}', ['message' => $fault->getMessage(), 'exception' => $fault]);
        $isPart = Fragment::isAsked($request);
        $page = $this->twig->render(
            $isPart ? 'faulty/_board.html.twig' : 'faulty/page.html.twig',
            ['record' => $record, 'words' => FaultWords::of($fault), 'can_go_back' => $this->store->hasStepBack($record)],
        );
        $response = new Response(
            $page,
            $isPart ? Response::HTTP_UNPROCESSABLE_ENTITY : Response::HTTP_INTERNAL_SERVER_ERROR,
            ['Cache-Control' => 'no-store', 'Vary' => Fragment::VARY],
        );
        if ($isPart) {
            $response->headers->set('HX-Retarget', '#stage');
            $response->headers->set('HX-Reswap', 'innerHTML');
        }
        $event->setResponse($response);
    }
}
