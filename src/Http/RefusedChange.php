<?php

declare(strict_types=1);

namespace IronLatch\Http;

use IronLatch\Board\PinsFrozen;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Screen\BoardScreen;
use IronLatch\Storage\BoardStore;
use IronLatch\Storage\NothingToDo;
use IronLatch\Storage\StaleEdit;
use IronLatch\View\Notice;
use IronLatch\View\Refusal;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Exception\BadRequestException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** A change of a board that was refused is answered on the view that it came from, with the reason and what had been entered. */
#[AsEventListener(priority: 32)]
final readonly class RefusedChange
{
    public function __construct(private BoardStore $store, private BoardScreen $screen) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        $refused = $event->getThrowable();
        $id = $request->attributes->get('id');
        if (!$request->isMethod('POST') || !is_string($id)) {
            return;
        }
        $fields = $request->request->all();
        [$notice, $status] = match (true) {
            $refused instanceof PinsFrozen => [
                Notice::frozen($refused->board, $refused->moved, $request->getPathInfo(), $fields),
                Response::HTTP_UNPROCESSABLE_ENTITY,
            ],
            $refused instanceof StaleEdit => [Notice::stale($refused, $request->getPathInfo(), $fields), Response::HTTP_CONFLICT],
            $refused instanceof EditRefused => [
                Notice::refused($refused->getMessage(), $fields),
                Response::HTTP_UNPROCESSABLE_ENTITY,
            ],
            $refused instanceof NothingToDo => [Notice::refused($refused->getMessage()), Response::HTTP_UNPROCESSABLE_ENTITY],
            default => [null, 0],
        };
        if (null === $notice) {
            return;
        }
        $request->attributes->set(
            Refusal::class,
            new Refusal($fields, $refused instanceof EditRefused ? $refused->field : '', $notice->text),
        );
        try {
            $opened = $this->store->open($id);
            if (null === $opened) {
                return;
            }
            $response = $this->screen->answer($request, $opened, $notice, $status);
            // The script shows it at the field as well, and puts the focus there.
            $response->headers->set('HX-Trigger', json_encode(['refused' => [
                'field' => $refused instanceof EditRefused ? $refused->field : '',
                'words' => $notice->text,
            ]], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
            $event->setResponse($response);
            $event->allowCustomResponseCode();
        } catch (BadRequestException $odd) {
            $event->setThrowable(new BadRequestHttpException($odd->getMessage(), $odd));
        } catch (\Throwable $fault) {
            // A board that cannot be shown has a page of its own, which says more than what was refused.
            $event->setThrowable($fault);
        }
    }
}
