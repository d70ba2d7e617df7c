<?php

declare(strict_types=1);

namespace IronLatch\Http;

use Doctrine\DBAL\Exception as StoreException;
use IronLatch\Screen\Fragment;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Twig\Environment;

/** What is wrong with the store, and what to do: disk full, locked, read-only, damaged, missing. */
#[AsEventListener(priority: 32)]
final readonly class StoreFault
{
    /** What SQLite says, and what a maker can do about it. */
    private const WORDS = [
        'disk is full' => 'The disk is full, so nothing was changed. Make room, then do it again.',
        'disk I/O error' => 'The disk cannot be written to, so nothing was changed. Check that it has room and is sound, then do it again.',
        'is locked' => 'Something else holds the store, so nothing was changed. Do it again; if it stays so, end other servers and '
            . 'backups first.',
        'readonly database' => 'The store may not be written to, so nothing was changed. Give this user the right to write the database '
            . 'file and its folder.',
        'read-only' => 'The store may not be written to, so nothing was changed. Give this user the right to write the database file and '
            . 'its folder.',
        'malformed' => 'The store is damaged. Keep its file, and put a backup back with bin/restore FILE.',
        'not a database' => 'The store is damaged: its file is no database. Keep it, and put a backup back with bin/restore FILE.',
        'no such table' => 'The store is missing or empty. Set it up with bin/setup, or put a backup back with bin/restore FILE.',
        'no such column' => 'The store is of another version. Bring it up with bin/setup.',
        'unable to open database' => 'The store cannot be opened. Set it up with bin/setup, or check that its folder is there and may be '
            . 'written to.',
    ];

    public function __construct(private Environment $twig, private LoggerInterface $logger) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $words = self::words($event->getThrowable());
        if (!$event->isMainRequest() || null === $words) {
            return;
        }
        $this->logger->error(
            'The store failed: {message}',
            ['message' => $event->getThrowable()->getMessage(), 'exception' => $event->getThrowable()],
        );
        $request = $event->getRequest();
        $isPart = Fragment::isAsked($request);
        // A part goes into the notice: what was typed stays where it is.
        $event->setResponse($isPart
            ? new Response(
                htmlspecialchars($words, ENT_QUOTES),
                Response::HTTP_UNPROCESSABLE_ENTITY,
                ['HX-Retarget' => '#notice', 'HX-Reswap' => 'innerHTML', 'Cache-Control' => 'no-store'],
            )
            : new Response(
                $this->twig->render('faulty/store.html.twig', ['words' => $words]),
                Response::HTTP_SERVICE_UNAVAILABLE,
                ['Cache-Control' => 'no-store'],
            ));
    }

    /** Null where it is not the store that failed. */
    public static function words(\Throwable $fault): ?string
    {
        for ($one = $fault; null !== $one; $one = $one->getPrevious()) {
            if (!$one instanceof StoreException) {
                continue;
            }
            foreach (self::WORDS as $said => $words) {
                if (str_contains($fault->getMessage() . $one->getMessage(), $said)) {
                    return $words;
                }
            }
        }

        return null;
    }
}
