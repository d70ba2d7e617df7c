<?php

declare(strict_types=1);

namespace IronLatch\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Refuses requests that another site makes a browser send. */
#[AsEventListener(priority: 256)]
final class ForeignPosts
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');
        $own = null !== $site
            ? in_array($site, ['same-origin', 'none'], true)
            : ((null === $origin && !Door::of($request)->isPhone()) || $origin === $request->getSchemeAndHttpHost());
        if (!$own) {
            throw new AccessDeniedHttpException('This request came from another site and was refused.');
        }
    }
}
