<?php

declare(strict_types=1);

namespace IronLatch\Http;

use IronLatch\Entity\May;
use IronLatch\Entity\PhoneDevice;
use IronLatch\Phone\Devices;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/**
 * Lets in whoever may come in. By the door for phones nobody gets anything but the page for pairing until paired, and no refusal says
 * whether what was asked for is there.
 */
final readonly class DoorKeeper
{
    public const COOKIE = 'iron-latch';
    public const PAIR = '/pair';
    private const DEVICE = '_device';

    public function __construct(private Devices $devices) {}

    public static function device(Request $request): ?PhoneDevice
    {
        $device = $request->attributes->get(self::DEVICE);

        return $device instanceof PhoneDevice ? $device : null;
    }

    /** Before anything else is known of a request. */
    #[AsEventListener(RequestEvent::class, priority: 1024)]
    public function letIn(RequestEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $request = $event->getRequest();
        $door = Door::of($request);
        Request::setTrustedHosts($door->hosts());
        if (!$door->isUsedFromItsSide($request)) {
            $event->setResponse(self::refusal($door->isPhone() ? Response::HTTP_BAD_REQUEST : Response::HTTP_FORBIDDEN));

            return;
        }
        if (!$door->isPhone() || self::isPairing($request)) {
            return;
        }
        $cookie = $request->cookies->all()[self::COOKIE] ?? null;
        $device = $this->devices->of(is_string($cookie) ? $cookie : null);
        if (null === $device) {
            $event->setResponse($request->isMethodSafe()
                ? new Response('', Response::HTTP_SEE_OTHER, ['Location' => self::PAIR, 'Cache-Control' => 'no-store'])
                : self::refusal(Response::HTTP_FORBIDDEN));

            return;
        }
        $request->attributes->set(self::DEVICE, $device);
        $this->devices->isSeen($device);
    }

    /** Once it is known what is asked for. */
    #[AsEventListener(RequestEvent::class, priority: 16)]
    public function judge(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !Door::of($request)->isPhone() || self::isPairing($request)) {
            return;
        }
        $may = self::device($request)?->may();
        if (true !== $may?->does($request->attributes->get(May::ROUTE), $request->isMethodSafe())) {
            $event->setResponse(new Response(
                'This device may not do that. What it may do is said on the desk, under Phone.',
                Response::HTTP_FORBIDDEN,
                ['Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store'],
            ));
        }
    }

    /** Whoever is not let in hears nothing of what went wrong either. */
    #[AsEventListener(ExceptionEvent::class, priority: 1024)]
    public function keepSilent(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        if (Door::of($request)->isPhone() && null === self::device($request)) {
            $fault = $event->getThrowable();
            $status = $fault instanceof HttpExceptionInterface ? $fault->getStatusCode() : Response::HTTP_BAD_REQUEST;
            $event->setResponse(self::refusal($status));
        }
    }

    private static function isPairing(Request $request): bool
    {
        return self::PAIR === $request->getPathInfo() && in_array($request->getMethod(), ['GET', 'HEAD', 'POST'], true);
    }

    private static function refusal(int $status): Response
    {
        return new Response('', $status, ['Cache-Control' => 'no-store', 'Content-Type' => 'text/plain']);
    }
}
